<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Access\Teams\TeamDays;
use App\Clinic\Examinations\Arrivals;
use App\Clinic\Examinations\DocumentParts;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use App\Exchange\Values\ItemStatus;
use Carbon\CarbonImmutable;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Builder;
use stdClass;

/** Decides what becomes of the examinations and results of one file, against what the team has already. */
final class Fates
{
    /** A birthday may lie between the examination and what was told of the age. */
    private const YEARS_APART = 1;

    private readonly Whose $whose;

    private readonly Knees $knees;

    private readonly TeamDays $days;

    private readonly ?Athlete $chosen;

    /** @var array<string, true> what stood above in the same file */
    private array $above = [];

    /** @var array<string, CarbonImmutable> first day of a knee that this file brings, by athlete and side */
    private array $brought = [];

    /** @throws Refusal where there is no such athlete */
    public function __construct(private readonly string $team, private readonly Wishes $wishes)
    {
        $this->whose = new Whose($team);
        $this->knees = new Knees;
        $this->days = TeamDays::ofTeam($team);
        $this->chosen = $wishes->athlete === null ? null : self::chosen($team, $wishes->athlete);
    }

    /** @throws Refusal where there is no such athlete */
    private static function chosen(string $team, string $id): Athlete
    {
        return Athlete::query()->where('team_id', $team)->find($id)
            ?? throw Refusal::at('athlete', __('exchange.incoming.no_such_athlete'));
    }

    public function of(RecordFile $file): RecordPreview
    {
        $order = array_map($this->order(...), $file->items);
        asort($order);

        return new RecordPreview($file, array_map(
            fn (int $place): Fate => $this->fate($file->items[$place]), array_keys($order),
        ));
    }

    /** Examinations before results, oldest first: what comes later stands on what was before. */
    private function order(Item $item): string
    {
        return match (true) {
            $item->document !== null => '1 '.(Arrivals::moment($item->document, $this->team)?->toIso8601ZuluString() ?? ''),
            $item->look !== null => '2 '.$item->look->facts->seenOn->toDateString(),
            default => '0',
        };
    }

    private function fate(Item $item): Fate
    {
        if ($item->refusal !== null) {
            return new Fate($item, ItemStatus::Refused, self::why($item->refusal, $item->place));
        }
        try {
            $athlete = $item->person->isNamed() ? $this->whose->of($item->person) : $this->chosenFor($item->person);
            if ($athlete === null) {
                return $this->ofNobody($item);
            }
            if ($item->look !== null) {
                return $this->ofLook($item, $item->look, $athlete);
            }

            return $this->ofDocument($item, $item->document ?? new stdClass, $athlete);
        } catch (Refusal $refusal) {
            return new Fate($item, ItemStatus::Refused, self::why($refusal, $item->place));
        }
    }

    /** @throws Refusal where the little that the file says of the person is not the athlete who was chosen */
    private function chosenFor(Person $person): ?Athlete
    {
        return $this->chosen === null || Whose::fits($this->chosen, $person) ? $this->chosen
            : throw Refusal::at('athlete', __('exchange.whose.other_by_choice', [
                'person' => $person->label(), 'name' => $this->chosen->name,
            ]));
    }

    private static function why(Refusal $refusal, string $place): string
    {
        return \in_array($refusal->path, ['', $place], true) ? $refusal->reason : "{$refusal->path}: {$refusal->reason}";
    }

    /** Whose athlete is in no list: added where a squad is said and the file says enough, otherwise asked for. */
    private function ofNobody(Item $item): Fate
    {
        $person = $item->person;
        $canAdd = $person->name !== '' && $person->bornOn !== null;
        if (! $person->isNamed()) {
            return new Fate($item, ItemStatus::NeedsAthlete, __('exchange.incoming.names_nobody'));
        }
        if (! $canAdd || $this->wishes->squad === '') {
            return new Fate($item, ItemStatus::Refused, $canAdd
                ? __('exchange.incoming.not_listed', ['person' => $person->label()])
                : __('exchange.incoming.not_found', ['person' => $person->label()]));
        }
        $key = "new {$person->key()}";
        if ($item->look !== null) {
            $this->knee($item->look, $key, null);

            return $this->lookOnce($item, $item->look, $key, null);
        }
        $document = $item->document ?? new stdClass;
        $moment = $this->moment($document);
        $this->refuseOtherAge($document, $person->bornOn, $moment);

        return $this->once($item, "{$key} {$moment->toIso8601ZuluString()}", $document, $key, $moment, null);
    }

    private function ofDocument(Item $item, stdClass $document, Athlete $athlete): Fate
    {
        $moment = $this->moment($document);
        $this->refuseOtherAge($document, $athlete->born_on, $moment);
        $given = Given::in($document);
        [$side, $id] = [$given->text('hurtSide'), strtolower($given->text('id'))];
        $isHere = Examination::query()->withoutGlobalScopes()->whereNull('deleted_at')->where('team_id', $this->team)
            ->where(static fn (Builder $any): Builder => $any->where('id', $id)->orWhere(
                static fn (Builder $same): Builder => $same->where('examined_at', $moment->toDateTimeString())
                    ->whereHas('episode', static fn (Builder $of): Builder => $of
                        ->where('athlete_id', $athlete->id)->where('hurt_side', $side)),
            ))
            ->exists();
        if ($isHere) {
            return new Fate($item, ItemStatus::Same, __('exchange.incoming.is_here'), $athlete);
        }

        return $this->once(
            $item, "{$athlete->id} {$side} {$moment->toIso8601ZuluString()}", $document, $athlete->id, $moment, $athlete,
        );
    }

    /** @param  string  $key  by which the same examination is known again in this file */
    private function once(
        Item $item, string $key, stdClass $document, string $of, CarbonImmutable $moment, ?Athlete $athlete,
    ): Fate {
        if (isset($this->above[$key])) {
            return new Fate($item, ItemStatus::Same, __('exchange.incoming.stands_above'), $athlete, $athlete === null);
        }
        $this->above[$key] = true;
        $given = Given::in($document);
        $began = $this->days->day($moment)->subDays($given->natural('daysSinceInjury') ?? 0);
        $knee = "{$of} {$given->text('hurtSide')}";
        $this->brought[$knee] = isset($this->brought[$knee]) ? $this->brought[$knee]->min($began) : $began;
        $left = array_map(self::leftOut(...), DocumentParts::of($document)->left);

        return new Fate($item, ItemStatus::New, '', $athlete, $athlete === null, [...array_keys($item->unread), ...$left]);
    }

    private static function leftOut(string $part): string
    {
        return match ($part) {
            'earlier' => __('exchange.incoming.left_earlier'),
            'known' => __('exchange.incoming.left_known'),
            default => __('exchange.incoming.left_baseline'),
        };
    }

    private function ofLook(Item $item, Look $look, Athlete $athlete): Fate
    {
        $episode = $this->knee($look, $athlete->id, $athlete);
        if ($episode !== null && $this->knees->has($look, $episode)) {
            return new Fate($item, ItemStatus::Same, __('exchange.incoming.is_here'), $athlete);
        }

        return $this->lookOnce($item, $look, $athlete->id, $athlete);
    }

    /** @param  string  $of  id of the athlete, or a name for one who is to be added */
    private function lookOnce(Item $item, Look $look, string $of, ?Athlete $athlete): Fate
    {
        $facts = $look->facts;
        $key = "{$of} {$look->episode} {$look->side?->value} {$facts->kind->value} {$facts->seenOn->toDateString()}";
        if (isset($this->above[$key])) {
            return new Fate($item, ItemStatus::Same, __('exchange.incoming.result_stands_above'), $athlete, $athlete === null);
        }
        $this->above[$key] = true;

        return new Fate($item, ItemStatus::New, '', $athlete, $athlete === null);
    }

    /**
     * @param  string  $of  id of the athlete, or a name for one who is to be added
     * @return Episode|null null: this file brings it
     *
     * @throws Refusal where no injury of this knee is known by then
     */
    private function knee(Look $look, string $of, ?Athlete $athlete): ?Episode
    {
        $episode = $athlete === null ? null : $this->knees->episode($look, $athlete);
        $began = $look->side === null ? null : $this->brought["{$of} {$look->side->value}"] ?? null;
        if ($episode === null && ($began === null || $began->isAfter($look->facts->seenOn->addDays(Knees::DAYS_BEFORE)))) {
            throw Refusal::at('side', $look->side === null ? __('exchange.incoming.no_such_episode')
                : __('exchange.incoming.no_injury_by_then', ['side' => $look->side->value]));
        }

        return $episode;
    }

    /** @throws Refusal where it is missing, or lies in the future */
    private function moment(stdClass $document): CarbonImmutable
    {
        $moment = Arrivals::moment($document, $this->team)
            ?? throw Refusal::at('examinedAt', __('clinic.arrivals.time_missing'));

        return $moment->isAfter(CarbonImmutable::now()->addDay())
            ? throw Refusal::at('examinedAt', __('exchange.incoming.future')) : $moment;
    }

    /** An age that cannot be theirs is a sign that it is another athlete. */
    private function refuseOtherAge(stdClass $document, ?CarbonImmutable $born, CarbonImmutable $moment): void
    {
        $told = Given::in($document)->natural('ageYears');
        if ($told === null || $born === null) {
            return;
        }
        $day = $this->days->day($moment);
        $age = $day->year - $born->year - (int) ($day->format('md') < $born->format('md'));
        if (abs($age - $told) > self::YEARS_APART) {
            throw Refusal::at('ageYears', __('exchange.incoming.other_age', ['told' => $told, 'age' => $age]));
        }
    }
}
