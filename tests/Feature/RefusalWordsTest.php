<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Platform\Wire\SchemaRules;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Illuminate\Validation\Validator;

/** No refusal is told in the words of the framework: each rule has a sentence, each nested field a name. */
final class RefusalWordsTest extends FeatureTestCase
{
    /** Rules that refuse nothing by themselves. */
    private const SILENT = ['bail', 'nullable', 'sometimes'];

    public function test_each_rule_that_a_request_uses_has_a_sentence_and_each_nested_field_a_name(): void
    {
        $words = (array) require base_path('lang/en/validation.php');
        $rules = $fields = [];
        foreach (self::bodies() as $schema) {
            foreach (SchemaRules::of($schema) as $place => $asked) {
                array_push($rules, ...array_map(static fn (mixed $rule): string => Str::before(Str::before((string) $rule, ':'), '"'), $asked));
                $fields[] = $place;
            }
        }
        foreach ([...(glob(app_path('*/Http/Requests/*.php')) ?: []), app_path('Club/Athletes/AthleteRules.php')] as $file) {
            preg_match_all("/'([^'\\s]+)'/", File::get($file), $quoted);
            array_push($rules, ...array_map(static fn (string $text): string => Str::before($text, ':'), $quoted[1]));
        }
        $rules = array_diff(array_filter($rules, static fn (string $rule): bool => preg_match('/^[a-z_]+$/', $rule) === 1
            && method_exists(Validator::class, 'validate'.Str::studly($rule))), self::SILENT);
        // The columns of a list are told by their heads, and the schools by their kind.
        $fields = array_filter($fields, static fn (string $place): bool => str_contains($place, '.')
            && ! str_starts_with($place, 'columns.'));
        self::assertGreaterThan(15, \count(array_unique($rules)));
        self::assertSame([], array_values(array_diff(array_unique($rules), array_keys($words))), 'rules without a sentence');
        self::assertSame([], array_values(array_diff(array_unique($fields), array_keys((array) $words['attributes']))), 'fields without a name');
    }

    /**
     * @return list<array<string, mixed>> schemas of all bodies that a request may have
     */
    private static function bodies(): array
    {
        $schemas = (array) json_decode(File::get(base_path('contract/schemas.json')), true);
        $bodies = [];
        foreach (glob(base_path('contract/paths/*.yaml')) ?: [] as $file) {
            preg_match_all('~requestBody:\s+required: \w+\s+content:\s+application/json:\s+schema: \{\$ref: ../schemas.json#/(\w+)~', File::get($file), $named);
            array_push($bodies, ...array_values(array_intersect_key($schemas, array_flip($named[1]))));
        }
        self::assertGreaterThan(20, \count($bodies));

        return $bodies;
    }

    public function test_a_nested_field_is_named_as_on_the_screen(): void
    {
        $lead = $this->member();
        $athlete = $this->athleteOf($lead);
        $facts = ['name' => 'Bo', 'bornOn' => '2001-02-03', 'squad' => 'Judo'];
        foreach ([
            [['coachToldBy' => 'herself'], 'The day from which the coach is told is missing.'],
            [['heightCm' => 500], 'The height in cm must be between 80 and 250.'],
            [['sex' => 'x'], 'This sex does not exist.'],
        ] as [$profile, $reason]) {
            $this->actingAs($lead)->putJson("/api/athletes/{$athlete->id}", [...$facts, 'profile' => $profile])
                ->assertStatus(422)->assertJsonPath('error.reason', $reason);
        }
    }
}
