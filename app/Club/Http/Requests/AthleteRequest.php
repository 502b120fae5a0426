<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Club\Athletes\AthleteRules;
use App\Club\Http\Shapes\AthleteShapes;
use App\Club\Values\AthleteFacts;
use App\Platform\Http\ShapedRequest;
use Carbon\CarbonImmutable;
use GrayCompass\Document\Shape\Definition;

/** What is said of an athlete. */
final class AthleteRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return AthleteShapes::athleteFacts();
    }

    protected function also(): array
    {
        return AthleteRules::beyondShape();
    }

    public function facts(): AthleteFacts
    {
        return new AthleteFacts(
            $this->string('name')->squish()->toString(),
            CarbonImmutable::parse($this->string('bornOn')->toString()),
            $this->string('squad')->squish()->toString(),
            $this->filled('number') ? $this->string('number')->squish()->toString() : null,
            $this->profile(),
        );
    }

    /** Chosen by a device that added them offline. */
    public function id(): ?string
    {
        return $this->filled('id') ? $this->string('id')->toString() : null;
    }

    /** Someone looked at those much like them: it is another athlete. */
    public function isAnother(): bool
    {
        return $this->boolean('isAnother');
    }

    /**
     * @return array<string, string|int> only what is said
     */
    private function profile(): array
    {
        $profile = [];
        foreach ([...AthleteRules::TEXTS, ...AthleteRules::CHOICES] as $name) {
            if ($this->filled("profile.{$name}")) {
                $profile[$name] = $this->string("profile.{$name}")->trim()->toString();
            }
        }
        foreach (AthleteRules::NUMBERS as $name) {
            if ($this->filled("profile.{$name}")) {
                $profile[$name] = $this->integer("profile.{$name}");
            }
        }

        return $profile;
    }
}
