<?php

declare(strict_types=1);

namespace App\Exchange\Referrals;

use App\Exchange\Incoming\BundlePeople;
use App\Exchange\Incoming\Look;
use App\Exchange\Incoming\Looks;
use App\Exchange\Incoming\Person;
use App\Exchange\Models\SentReferral;
use Carbon\CarbonImmutable;
use Carbon\Exceptions\InvalidFormatException;
use GrayCompass\Core\Bundles;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;
use stdClass;

/** What the hospital says of a referral: how it stands, when it sees the athlete, and what it found. */
final readonly class Answer
{
    /** States of a ServiceRequest in which nothing will be done. */
    private const DECLINED = ['revoked', 'entered-in-error'];

    private const FINISHED_REPORTS = ['final', 'amended', 'corrected', 'appended'];

    private const KEPT_APPOINTMENTS = ['booked', 'proposed', 'pending', 'arrived', 'fulfilled'];

    public function __construct(private Bundles $bundles, private BundlePeople $people)
    {
    }

    /** Whether the hospital will not do what was asked. */
    public function isDeclined(stdClass $bundle): bool
    {
        foreach (self::of($bundle, 'ServiceRequest') as $request) {
            return \in_array($request->text('status'), self::DECLINED, true);
        }

        return false;
    }

    /** When the hospital sees the athlete; null where it gave no day yet. */
    public function appointment(stdClass $bundle): ?CarbonImmutable
    {
        foreach (self::of($bundle, 'Appointment') as $appointment) {
            if (\in_array($appointment->text('status'), self::KEPT_APPOINTMENTS, true) && $appointment->text('start') !== '') {
                try {
                    return CarbonImmutable::parse($appointment->text('start'))->utc();
                } catch (InvalidFormatException) {
                    throw Refusal::at('Appointment.start', __('exchange.hospital.no_day'));
                }
            }
        }

        return null;
    }

    /** Whether there is a finished report that answers this referral. */
    public function isReported(stdClass $bundle, SentReferral $referral): bool
    {
        return array_filter(
            self::of($bundle, 'DiagnosticReport'),
            static fn (Given $report): bool => self::isFinishedAnswer($report, $referral),
        ) !== [];
    }

    /**
     * What was found, by the rules of an import.
     *
     * @throws Refusal where it is not of this athlete and knee, or cannot be read
     */
    public function look(stdClass $bundle, SentReferral $referral): Look
    {
        $found = (object) ['resourceType' => 'Bundle', 'type' => 'collection', 'entry' => self::reported($bundle, $referral)];
        foreach ($this->bundles->readRecord($found, Date::now())->entries as $entry) {
            if ($entry->refusal !== null) {
                throw $entry->refusal;
            }
            if ($entry->reference === null) {
                continue;
            }
            $this->insistOnAthlete($this->people->person($entry->patient), $referral);
            $look = Looks::ofReference($entry->reference, $entry->path);
            $side = $referral->task->content['side'];
            if ($look->side !== null && $side !== null && $look->side->value !== $side) {
                throw Refusal::at($entry->path, __('exchange.hospital.other_knee'));
            }

            return $look;
        }

        throw Refusal::ofTheWhole(__('exchange.hospital.no_report'));
    }

    /** The id that went out with the referral must come back with the same day of birth. */
    private function insistOnAthlete(Person $person, SentReferral $referral): void
    {
        $athlete = $referral->athlete;
        if ($person->id !== $athlete->id || $person->bornOn?->toDateString() !== $athlete->born_on->toDateString()) {
            throw Refusal::at('Patient', __('exchange.hospital.other_athlete'));
        }
    }

    /**
     * The entries that the finished report of this referral needs; what answers another request, or is not finished, is no
     * part of this answer.
     *
     * @return list<mixed>
     */
    private static function reported(stdClass $bundle, SentReferral $referral): array
    {
        $results = [];
        foreach (self::of($bundle, 'DiagnosticReport') as $report) {
            if (self::isFinishedAnswer($report, $referral)) {
                $told = array_map(static fn (Given $one): string => $one->text('reference'), $report->items('result'));
                $results = [...$results, ...$told];
            }
        }
        $entries = \is_array($bundle->entry ?? null) ? $bundle->entry : [];

        return array_values(array_filter($entries, static function (mixed $entry) use ($referral, $results): bool {
            $given = Given::in($entry);
            $resource = $given->inner('resource');

            return match ($resource->text('resourceType')) {
                'Patient', 'ServiceRequest' => true,
                'DiagnosticReport' => self::isFinishedAnswer($resource, $referral),
                'Observation' => array_intersect([$given->text('fullUrl'), "Observation/{$resource->text('id')}"], $results) !== [],
                default => false,
            };
        }));
    }

    private static function isFinishedAnswer(Given $report, SentReferral $referral): bool
    {
        $answers = array_map(static fn (Given $one): string => $one->text('reference'), $report->items('basedOn'));

        return \in_array("ServiceRequest/{$referral->id}", $answers, true)
            && \in_array($report->text('status'), self::FINISHED_REPORTS, true);
    }

    /** @return list<Given> resources of this type */
    private static function of(stdClass $bundle, string $type): array
    {
        $resources = array_map(
            static fn (Given $entry): Given => $entry->inner('resource'),
            Given::in($bundle)->items('entry'),
        );

        return array_values(array_filter($resources, static fn (Given $one): bool => $one->text('resourceType') === $type));
    }
}
