<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Http\Shapes\TokenShapes;
use App\Access\Tokens\ApiTokens;
use App\Access\Values\TokenAbility;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** A token that is wanted. */
final class TokenRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return TokenShapes::newToken();
    }

    protected function also(): array
    {
        return ['abilities' => ['min:1']];
    }

    public function name(): string
    {
        return $this->string('name')->squish()->toString();
    }

    /** @return list<TokenAbility> each once */
    public function abilities(): array
    {
        $asked = $this->collect('abilities');

        return array_values(array_filter(
            TokenAbility::cases(),
            static fn (TokenAbility $one): bool => $asked->contains($one->value),
        ));
    }

    /** @return int<1, 365> */
    public function days(): int
    {
        return \max(1, \min(ApiTokens::MOST_DAYS, $this->integer('days')));
    }

    public function isOfTeam(): bool
    {
        return $this->boolean('ofTeam');
    }
}
