<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use DateTimeImmutable;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * What is refused in a bundle whatever it is about: identifiers that stand twice, references that lead
 * nowhere, days that have not come yet, chances that are none.
 *
 * @internal
 */
final readonly class BundleChecks
{
    /** Elements that tell when something was: never later than the day on which the bundle is read. */
    private const PAST = [
        'birthDate', 'effectiveDateTime', 'issued', 'recorded', 'occurrenceDateTime', 'onsetDateTime', 'performedDateTime',
    ];

    /** A day that has begun somewhere on Earth is not in the future. */
    private const ZONES_AHEAD = '1 day';

    private function __construct(private DateTimeImmutable $latest)
    {
    }

    /**
     * @return list<Found> the resources in their order
     *
     * @throws Refusal naming the element
     */
    public static function of(mixed $bundle, DateTimeImmutable $today): array
    {
        if (! $bundle instanceof stdClass || ($bundle->resourceType ?? null) !== 'Bundle') {
            throw Refusal::at('resourceType', 'expected a FHIR Bundle');
        }
        if (($bundle->type ?? null) !== 'collection') {
            throw Refusal::at('type', 'expected a Bundle of type collection');
        }
        if (! \is_array($bundle->entry ?? null) || $bundle->entry === []) {
            throw Refusal::at('entry', 'expected at least one resource');
        }
        $found = self::resources($bundle->entry);
        $names = self::names($found);
        $checks = new self($today->modify(self::ZONES_AHEAD));
        foreach ($found as $one) {
            $checks->walk($one->resource, $one->path, $names, self::contained($one));
        }

        return $found;
    }

    /**
     * @param  array<array-key, mixed>  $entries
     * @return list<Found>
     */
    private static function resources(array $entries): array
    {
        $found = [];
        foreach (array_values($entries) as $index => $entry) {
            $resource = $entry instanceof stdClass ? $entry->resource ?? null : null;
            if (! $resource instanceof stdClass || ! \is_string($resource->resourceType ?? null)) {
                throw Refusal::at("entry[{$index}].resource", 'expected a resource with its type');
            }
            $found[] = new Found($resource, "entry[{$index}].resource", Given::in($entry)->text('fullUrl'));
        }

        return $found;
    }

    /**
     * @param  list<Found>  $found
     * @return array<string, true> all that a reference may say
     */
    private static function names(array $found): array
    {
        $names = [];
        $identifiers = [];
        foreach ($found as $index => $one) {
            $id = $one->given->text('id');
            foreach ([
                "entry[{$index}].fullUrl" => $one->fullUrl,
                "{$one->path}.id" => $id === '' ? '' : "{$one->type()}/{$id}",
            ] as $path => $name) {
                if (isset($names[$name])) {
                    throw Refusal::at($path, "another resource of this bundle is {$name}");
                }
                if ($name !== '') {
                    $names[$name] = true;
                }
            }
            foreach ($one->given->items('identifier') as $place => $identifier) {
                $name = "{$one->type()} {$identifier->text('system')} {$identifier->text('value')}";
                if (isset($identifiers[$name])) {
                    throw Refusal::at("{$one->path}.identifier[{$place}]", 'another resource of this bundle has this identifier');
                }
                $identifiers[$name] = true;
            }
        }

        return $names;
    }

    /** @return array<string, true> */
    private static function contained(Found $found): array
    {
        $names = ['#' => true];
        foreach ($found->given->items('contained') as $inner) {
            $names["#{$inner->text('id')}"] = true;
        }

        return $names;
    }

    /**
     * @param  array<string, true>  $names
     * @param  array<string, true>  $contained
     */
    private function walk(mixed $value, string $path, array $names, array $contained): void
    {
        if (\is_array($value)) {
            foreach (array_values($value) as $index => $inner) {
                $this->walk($inner, "{$path}[{$index}]", $names, $contained);
            }
        }
        if (! $value instanceof stdClass) {
            return;
        }
        foreach (get_object_vars($value) as $key => $inner) {
            $place = "{$path}.{$key}";
            match (true) {
                $key === 'reference' => self::refuseUnresolved($inner, $place, $names, $contained),
                $key === 'probabilityDecimal' => self::refuseNoChance($inner, $place),
                \in_array($key, self::PAST, true) => $this->refuseFuture($inner, $place),
                $key === 'period' && $inner instanceof stdClass => $this->refuseFuture($inner->start ?? null, "{$place}.start"),
                default => null,
            };
            $this->walk($inner, $place, $names, $contained);
        }
    }

    /**
     * @param  array<string, true>  $names
     * @param  array<string, true>  $contained
     */
    private static function refuseUnresolved(mixed $reference, string $path, array $names, array $contained): void
    {
        if (! \is_string($reference) || ! isset($names[$reference]) && ! isset($contained[$reference])) {
            throw Refusal::at($path, 'there is no such resource in this bundle');
        }
    }

    private static function refuseNoChance(mixed $chance, string $path): void
    {
        if (! \is_int($chance) && ! \is_float($chance) || $chance < 0 || $chance > 1) {
            throw Refusal::at($path, 'expected a chance from 0 to 1');
        }
    }

    private function refuseFuture(mixed $date, string $path): void
    {
        if ($date === null) {
            return;
        }
        if (! \is_string($date) || ! Dates::isDateTime($date)) {
            throw Refusal::at($path, 'expected a date such as 2026-03-14 or 2026-03-14T09:30:00Z');
        }
        $day = Dates::day($date);
        if ($day !== null && $day->format('Y-m-d') > $this->latest->format('Y-m-d') || substr($date, 0, 4) > $this->latest->format('Y')) {
            throw Refusal::at($path, 'this day has not come yet');
        }
    }
}
