<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Models\Episode;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use App\Clinic\ReferenceResults\Consensus;
use App\Clinic\ReferenceResults\Prediction;
use App\Clinic\Values\Predicted;
use App\Clinic\Values\ReferenceKind;
use GrayCompass\Core\Knee\Condition;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;

/**
 * One episode of one knee: what was held likely, and what it turned out to be.
 *
 * @property-read Episode $resource
 */
final class EpisodeResource extends JsonResource
{
    /** @param  Task|null  $asked  a referral that a result answers: what it asked comes first, as that visit held it */
    public function __construct(Episode $resource, private readonly ?Task $asked = null)
    {
        parent::__construct($resource);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $episode = $this->resource;
        $asking = $episode->examinations->firstWhere('id', $this->asked?->examination_id);
        $results = $episode->referenceResults->sortByDesc(static fn (ReferenceResult $one): string => "{$one->seen_on} {$one->id}");
        $consensus = Consensus::of($results->reject(static fn (ReferenceResult $one): bool => $one->trashed()));

        return [
            'id' => $episode->id,
            'isBaseline' => $episode->is_baseline,
            'hurtSide' => $episode->hurt_side->value,
            'injuredOn' => $episode->injured_on?->toDateString(),
            'follows' => self::follows($episode->before()),
            'asked' => $this->asked?->content['asks'] ?? [],
            'predicted' => self::predicted($asking === null ? Prediction::of($episode) : Prediction::by($asking)),
            'referenceResults' => ReferenceResultResource::collection($results->values())->resolve($request),
            'consensus' => array_map($this->consensus(...), $consensus),
            'choices' => [
                'kinds' => array_map(static fn (ReferenceKind $kind): array => [
                    'id' => $kind->value, 'label' => $kind->label(), 'tells' => self::choice($kind),
                    'treats' => $kind->treats(),
                ], ReferenceKind::cases()),
                'conditions' => array_map(static fn (Condition $condition): array => [
                    'id' => $condition->value, 'label' => $condition->label(), 'graded' => $condition->isLigament(),
                ], Condition::cases()),
            ],
        ];
    }

    /**
     * @return array<string, mixed>|null
     */
    private static function follows(?Episode $before): ?array
    {
        return $before === null ? null : ['id' => $before->id, 'injuredOn' => $before->injured_on?->toDateString()];
    }

    /**
     * @return array<string, mixed>|null
     */
    private static function predicted(?Prediction $prediction): ?array
    {
        return $prediction === null ? null : [
            'examination' => $prediction->examination,
            'at' => $prediction->at->toIso8601ZuluString(),
            'conditions' => array_map(self::chance(...), $prediction->conditions),
        ];
    }

    /**
     * What stands, beside what was held of it at the last visit before it was known.
     *
     * @return array<string, mixed>
     */
    private function consensus(Consensus $one): array
    {
        $asked = $this->resource->examinations->firstWhere('id', $one->by->asked_by_id);
        $held = ($asked === null ? Prediction::of($this->resource, $one->by->seen_on) : Prediction::by($asked))
            ?->held($one->answer->condition);

        return [
            ...ReferenceResultResource::answer($one->answer),
            'by' => $one->by->kind->label(),
            'disputed' => $one->disputed,
            'predicted' => $held === null ? null : self::chance($held),
        ];
    }

    /**
     * How likely one injury was held.
     *
     * @return array<string, mixed>
     */
    public static function chance(Predicted $one): array
    {
        return [
            'id' => $one->condition->value,
            'label' => $one->condition->label(),
            'chance' => $one->chance,
            'interval' => [$one->low, $one->high],
            'zone' => $one->zone->value,
            'zoneLabel' => $one->zone->label(),
            'rank' => $one->rank,
        ];
    }

    /**
     * @return list<string> ids of the conditions that such a look can say anything of
     */
    private static function choice(ReferenceKind $kind): array
    {
        return array_values(array_map(
            static fn (Condition $condition): string => $condition->value,
            array_filter(Condition::cases(), $kind->canTell(...)),
        ));
    }

    /**
     * Newest first.
     *
     * @param  Collection<int, Episode>  $episodes
     * @return array<mixed>
     */
    public static function all(Collection $episodes, Request $request): array
    {
        // A student sees nothing of an episode that others look after.
        $shown = $episodes->filter(
            static fn (Episode $one): bool => $one->examinations->isNotEmpty() || $one->referenceResults->isNotEmpty(),
        );
        $newest = $shown->sortByDesc(
            static fn (Episode $one): ?string => $one->examinations
                ->sortBy('examined_at')->last()?->examined_at->toJSON(),
        );

        return array_values($newest->map(static fn (Episode $one): array => (new self($one))->resolve($request))->all());
    }
}
