<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Club\Athletes\AthleteRules;
use App\Club\Values\AthleteFacts;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Date;
use Illuminate\Validation\Rules\In;

/** What is said of an athlete. */
final class AthleteRequest extends FormRequest
{
    /**
     * @return array<string, list<string|Date|In>>
     */
    public function rules(): array
    {
        return [...AthleteRules::all(), 'isAnother' => ['sometimes', 'boolean']];
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

    /** Somebody looked at those much like them: it is another athlete. */
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
