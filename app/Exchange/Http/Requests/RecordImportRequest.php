<?php

declare(strict_types=1);

namespace App\Exchange\Http\Requests;

use App\Exchange\Http\Shapes\RecordImportShapes;
use App\Exchange\Incoming\Wishes;
use App\Exchange\Values\SignedAs;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Definition;

/** A file with examinations and results, and how it is read. */
final class RecordImportRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return RecordImportShapes::recordFile();
    }

    /** @throws Refusal where it is not in base 64 */
    public function bytes(): string
    {
        $bytes = base64_decode($this->string('content')->toString(), true);

        return $bytes === false ? throw Refusal::at('content', __('exchange.incoming.not_base64')) : $bytes;
    }

    public function wishes(): Wishes
    {
        return new Wishes(
            $this->filled('athlete') ? $this->string('athlete')->toString() : null,
            $this->string('squad')->squish()->toString(),
            SignedAs::tryFrom($this->string('signed')->toString()) ?? SignedAs::History,
        );
    }

    /** @throws Refusal where it is not said */
    public function origin(): string
    {
        $origin = $this->string('origin')->squish()->toString();

        return $origin === '' ? throw Refusal::at('origin', __('exchange.incoming.origin_missing')) : $origin;
    }

    /** @throws Refusal where it is not said */
    public function expected(): int
    {
        return $this->has('expects') ? $this->integer('expects')
            : throw Refusal::at('expects', __('exchange.incoming.expects_missing'));
    }
}
