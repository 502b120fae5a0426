<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\HistoryShapes;
use App\Clinic\Today\FirstScreen;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** Which athletes of the team to list. */
final class TodayRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return HistoryShapes::todayAsked();
    }

    protected function also(): array
    {
        return $this->isMethod('GET') ? ['search' => ['prohibited']] : [];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['search.prohibited' => 'send it in the body: addresses are logged on their way, names must not be'];
    }

    /** Any part of name, number or squad; empty: everybody. */
    public function search(): string
    {
        return $this->string('search')->trim()->toString();
    }

    /** So many unfinished examinations at most. */
    public function unfinished(): int
    {
        return $this->integer('unfinished', FirstScreen::UNFINISHED_SHOWN);
    }

    /** Only those without a baseline to compare with. */
    public function lacking(): bool
    {
        return $this->has('lacking');
    }

    public function page(): int
    {
        return $this->integer('page', 1);
    }
}
