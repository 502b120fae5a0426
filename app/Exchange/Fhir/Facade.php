<?php

declare(strict_types=1);

namespace App\Exchange\Fhir;

use App\Access\Models\Team;
use App\Access\Models\User;
use App\Club\Models\Athlete;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Fhir\Uuids;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Builder;

/**
 * Records as resources that are asked for one by one: the same as in a bundle, referred to by type and id.
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class Facade
{
    public function __construct(private RecordBundles $bundles, private People $people)
    {
    }

    /** @return iterable<Element> in the order of their ids */
    public function patients(SearchQuery $query, User $user): iterable
    {
        $athletes = Athlete::query()->orderBy('id');
        if (($identifier = $query->token('identifier')) !== null) {
            $athletes->where(static fn (Builder $rows) => $rows
                ->where('id', strtolower($identifier))->orWhere('number', $identifier));
        }
        if (($born = $query->text('birthdate')) !== null) {
            $athletes->where('born_hash', Athlete::bornHash($user->teamId(), self::day($born)));
        }
        if (($name = $query->text('family')) !== null) {
            $athletes->called($name);
        }
        foreach ($athletes->lazy(SearchQuery::MOST_COUNT) as $athlete) {
            if ($query->holds('_lastUpdated', CarbonImmutable::parse($athlete->updated_at))) {
                yield $this->patient($athlete, $user->present()->team);
            }
        }
    }

    /** @return Element */
    public function patient(Athlete $athlete, Team $team): array
    {
        $party = $this->people->patient($athlete, $team);

        return self::referring([
            'resourceType' => 'Patient', 'id' => $party->uuid,
            'meta' => ['lastUpdated' => CarbonImmutable::parse($athlete->updated_at)->toIso8601ZuluString()],
            ...$party->body,
        ], [$this->people->organization($team)->reference()['reference'] => 'Organization']);
    }

    /** The athlete behind the id of a Patient, or behind a reference to one. */
    public function athlete(string $reference): ?Athlete
    {
        $ulid = Uuids::toUlid(substr((string) strrchr("/{$reference}", '/'), 1));

        return $ulid === null ? null : Athlete::query()->find($ulid);
    }

    /**
     * @param  list<string>|null  $types  of the resources; null: all of them
     * @return iterable<Element> oldest first
     */
    public function resources(Athlete $athlete, ?array $types, SearchQuery $query): iterable
    {
        $told = [];
        foreach (RecordBundles::examinations($athlete) as $examination) {
            $updated = CarbonImmutable::parse($examination->updated_at);
            if ($query->holds('date', $examination->examined_at) && $query->holds('_lastUpdated', $updated)) {
                $entries = $this->bundles->ofExamination($examination)['entry'];
                yield from self::of($entries, $types, $updated, $told);
            }
        }
        foreach ($this->bundles->ofReferenceResults($athlete) as [$result, $entries]) {
            $updated = CarbonImmutable::parse($result->updated_at);
            if ($query->holds('date', $result->seen_on) && $query->holds('_lastUpdated', $updated)) {
                yield from self::of($entries, $types, $updated, $told);
            }
        }
    }

    /**
     * @param  list<array{fullUrl: string, resource: Element}>  $entries
     * @param  list<string>|null  $types
     * @param  array<string, true>  $told  those that came before
     * @return iterable<Element>
     */
    private static function of(array $entries, ?array $types, CarbonImmutable $updated, array &$told): iterable
    {
        $names = array_map(
            static fn (array $one): string => \is_string($one['resourceType']) ? $one['resourceType'] : '',
            array_column($entries, 'resource', 'fullUrl'),
        );
        foreach ($entries as ['fullUrl' => $url, 'resource' => $resource]) {
            if (! isset($told[$url]) && ($types === null || \in_array($names[$url], $types, true))) {
                $told[$url] = true;
                $meta = \is_array($resource['meta'] ?? null) ? $resource['meta'] : [];
                $meta['lastUpdated'] = $updated->toIso8601ZuluString();
                yield self::referring([...$resource, 'meta' => $meta], $names);
            }
        }
    }

    /**
     * The same with references by type and id.
     *
     * @param  Element  $resource
     * @param  array<string, string>  $names  types by full URL
     * @return Element
     */
    private static function referring(array $resource, array $names): array
    {
        array_walk_recursive($resource, static function (mixed &$value, int|string $key) use ($names): void {
            if ($key === 'reference' && \is_string($value)) {
                $value = ($names[$value] ?? 'Patient').'/'.substr($value, \strlen('urn:uuid:'));
            }
        });

        return $resource;
    }

    private static function day(string $born): CarbonImmutable
    {
        $day = CarbonImmutable::canBeCreatedFromFormat($born, 'Y-m-d')
            ? CarbonImmutable::createFromFormat('!Y-m-d', $born)
            : null;

        return $day ?? throw Refusal::at('birthdate', __('exchange.search.date'));
    }
}
