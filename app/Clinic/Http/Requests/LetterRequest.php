<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Access\Http\Requests\MailAddress;
use App\Clinic\Http\Shapes\LetterShapes;
use App\Clinic\Letters\LetterText;
use App\Clinic\Values\Addressee;
use App\Clinic\Values\Channel;
use App\Club\Models\Doctor;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** To whom a letter is begun, what it says, or how it leaves. */
final class LetterRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return match (true) {
            $this->routeIs('examinations.letters.store') => LetterShapes::newLetter(),
            $this->routeIs('letters.send') => LetterShapes::letterSending(),
            default => LetterShapes::letterWording(),
        };
    }

    protected function also(): array
    {
        return match (true) {
            $this->routeIs('examinations.letters.store') => [],
            $this->routeIs('letters.send') => ['version' => ['integer:strict']],
            default => ['version' => ['integer:strict'], 'to.email' => [new MailAddress]],
        };
    }

    /** Null: someone who is named later. */
    public function doctor(): ?Doctor
    {
        return $this->filled('doctor') ? Doctor::query()->findOrFail($this->string('doctor')->toString()) : null;
    }

    public function seen(): int
    {
        return $this->integer('version');
    }

    public function wording(): LetterText
    {
        $line = fn (string $name): string => $this->string("to.{$name}")->squish()->toString();

        return new LetterText(
            new Addressee(
                $line('name'), $line('practice'), $this->string('to.address')->trim()->toString(), $line('email'),
            ),
            $this->string('subject')->squish()->toString(),
            $this->string('text')->trim()->toString(),
        );
    }

    public function channel(): Channel
    {
        return Channel::from($this->string('by')->toString());
    }

    /**
     * @return list<string> ids of referrals
     */
    public function carries(): array
    {
        return array_values(array_filter((array) $this->input('carries'), \is_string(...)));
    }
}
