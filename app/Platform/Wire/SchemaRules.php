<?php

declare(strict_types=1);

namespace App\Platform\Wire;

use GrayCompass\Document\Shape\Moment;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;
use LogicException;

/**
 * The validator's rules for a body, from its JSON Schema: what a request must look like stands once, in its shape.
 * Keys of objects whose names are not known before, and what those hold, are left to the request.
 *
 * @phpstan-type Rules array<string, list<mixed>>
 */
final class SchemaRules
{
    /**
     * @param  array<string, mixed>  $schema  of an object, with nothing that stands elsewhere
     * @return Rules by place, such as `answers.*.grade`
     */
    public static function of(array $schema): array
    {
        return self::fields('', $schema, '');
    }

    /**
     * Rules, and what else must hold of a field, which no schema can say. Whether a field may be left out is decided by
     * the rule that asks for it.
     *
     * @param  Rules  $rules
     * @param  Rules  $more
     * @return Rules
     */
    public static function with(array $rules, array $more): array
    {
        foreach ($more as $place => $others) {
            $own = $rules[$place] ?? [];
            if (array_filter($others, static fn (mixed $rule): bool => \is_string($rule) && str_starts_with($rule, 'required'))) {
                $own = array_values(array_filter($own, static fn (mixed $rule): bool => $rule !== 'sometimes'));
            }
            $rules[$place] = [...$own, ...$others];
        }

        return $rules;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @param  string  $with  place of an object that may be left out, with all it holds; empty: it may not
     * @return Rules
     */
    private static function fields(string $prefix, array $schema, string $with): array
    {
        $rules = [];
        $required = (array) ($schema['required'] ?? []);
        foreach (self::objects($schema['properties'] ?? []) as $key => $property) {
            $isRequired = \in_array($key, $required, true);
            $rules = [...$rules, ...self::value("{$prefix}{$key}", $property, $isRequired, $with)];
        }

        return $rules;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return Rules
     */
    private static function value(string $place, array $schema, bool $isRequired, string $with): array
    {
        [$schema, $mayBeNull] = self::withoutNull($schema);
        $mayBeEmpty = match ($schema['type'] ?? '') {
            'array' => ! isset($schema['minItems']),
            'object' => ! isset($schema['properties']),
            default => false,
        };
        $presence = $mayBeNull || $mayBeEmpty ? 'present' : 'required';
        $presence = match (true) {
            ! $isRequired => 'sometimes',
            $with !== '' => "{$presence}_with:{$with}",
            default => $presence,
        };
        $own = self::own($schema);
        $bail = \in_array('date_format:Y-m-d', $own, true) ? ['bail'] : [];
        $rules = [$place => [...$bail, $presence, ...($mayBeNull ? ['nullable'] : []), ...$own]];
        if (isset($schema['properties'])) {
            return [...$rules, ...self::fields("{$place}.", $schema, $isRequired && ! $mayBeNull ? $with : $place)];
        }
        $items = self::objects(['items' => $schema['items'] ?? null])['items'] ?? null;

        return $items === null ? $rules : [...$rules, ...self::items("{$place}.*", $items)];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return Rules
     */
    private static function items(string $place, array $schema): array
    {
        $rules = [$place => self::own($schema)];

        return isset($schema['properties']) ? [...$rules, ...self::fields("{$place}.", $schema, '')] : $rules;
    }

    /**
     * @param  array<string, mixed>  $schema  of a text
     * @return list<string>
     */
    private static function form(array $schema): array
    {
        $pattern = $schema['pattern'] ?? null;

        return match (true) {
            \is_string($pattern) => ["regex:~{$pattern}~D"],
            ($schema['format'] ?? '') === 'date' => ['date_format:Y-m-d'],
            ($schema['format'] ?? '') === 'date-time' => ['regex:'.Moment::PATTERN, 'date'],
            default => [],
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<string|In>
     */
    private static function own(array $schema): array
    {
        if (isset($schema['enum'])) {
            return [Rule::in((array) $schema['enum'])];
        }

        return match ($schema['type'] ?? '') {
            'string' => [
                'string',
                ...self::form($schema),
                ...self::limits($schema, 'minLength', 'maxLength'),
            ],
            'integer' => ['integer', ...self::limits($schema, 'minimum', 'maximum')],
            'number' => ['numeric', ...self::limits($schema, 'minimum', 'maximum')],
            'boolean' => ['boolean'],
            'array' => ['array', ...self::limits($schema, 'minItems', 'maxItems')],
            'object' => isset($schema['properties'])
                ? ['array:'.implode(',', array_keys((array) $schema['properties']))]
                : ['array', ...self::limits($schema, 'minProperties', 'maxProperties')],
            default => throw new LogicException('A request asks for what has no rule: '.json_encode($schema)),
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<string>
     */
    private static function limits(array $schema, string $least, string $most): array
    {
        [$least, $most] = [$schema[$least] ?? null, $schema[$most] ?? null];

        return match (true) {
            is_numeric($least) && is_numeric($most) && $least > 0 && \in_array($schema['type'], ['integer', 'number'], true) => ["between:{$least},{$most}"],
            default => [
                ...(is_numeric($least) ? ["min:{$least}"] : []),
                ...(is_numeric($most) ? ["max:{$most}"] : []),
            ],
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array{array<string, mixed>, bool}
     */
    private static function withoutNull(array $schema): array
    {
        $either = self::objects($schema['anyOf'] ?? []);
        $rest = array_values(array_filter($either, static fn (array $one): bool => $one !== ['type' => 'null']));

        return $either === [] ? [$schema, false] : [$rest[0], true];
    }

    /**
     * @return array<string, array<string, mixed>> those that are objects
     */
    private static function objects(mixed $value): array
    {
        /** @var array<string, array<string, mixed>> */
        return array_filter(\is_array($value) ? $value : [], \is_array(...));
    }
}
