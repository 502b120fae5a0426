<?php

declare(strict_types=1);

namespace App\Exchange\Fhir;

use App\Access\Models\Membership;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Clinic\Models\Letter;
use App\Club\Models\Athlete;
use GrayCompass\Core\Fhir\Code;
use GrayCompass\Core\Fhir\Party;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Fhir\Uuids;

/**
 * What a record holds beside its examinations: a guardian, the consent to tell the coach, letters that left, and who
 * examines in which team.
 *
 * @phpstan-import-type Element from Terms
 * @phpstan-import-type Entry from RecordBundles
 */
final readonly class AthleteResources
{
    public function __construct(private Terms $terms, private People $people)
    {
    }

    /**
     * @param  Party  $patient  the athlete
     * @return iterable<Entry>
     */
    public function of(Athlete $athlete, Party $patient): iterable
    {
        yield from array_filter([$this->guardian($athlete, $patient), $this->consent($athlete, $patient)]);
        $letters = Letter::query()->where('athlete_id', $athlete->id)->whereNotNull('sent_at')->orderBy('sent_at');
        foreach ($letters->with('versions')->lazy(10) as $letter) {
            yield self::letter($letter, $patient);
        }
    }

    /**
     * What a person does in a team; null where they are no member of it any more.
     *
     * @return Entry|null
     */
    public function role(User $user, Team $team): ?array
    {
        $membership = Membership::query()->where('user_id', $user->id)->where('team_id', $team->id)->whereNull('ended_at')->first();

        return $membership === null ? null : self::entry('PractitionerRole', $membership->id, 'role', [
            'active' => true,
            'practitioner' => $this->people->practitioner($user)->reference(),
            'organization' => $this->people->organization($team)->reference(),
            'code' => [['text' => $membership->role->label()]],
        ]);
    }

    /** @return Entry|null */
    private function guardian(Athlete $athlete, Party $patient): ?array
    {
        $name = self::said($athlete, 'guardian');

        return $name === null ? null : self::entry('RelatedPerson', $athlete->id, 'guardian', [
            'active' => true,
            'patient' => $patient->reference(),
            'relationship' => [$this->terms->hl7Version3('RoleCode', 'GUARD', 'guardian')],
            'name' => [['text' => $name]],
        ]);
    }

    /**
     * That the coach is told who is available, and nothing of what was found.
     *
     * @return Entry|null
     */
    private function consent(Athlete $athlete, Party $patient): ?array
    {
        $by = self::said($athlete, 'coachToldBy');
        if ($by === null) {
            return null;
        }
        $period = array_filter([
            'start' => self::said($athlete, 'coachToldFrom'), 'end' => self::said($athlete, 'coachToldUntil'),
        ]);

        return self::entry('Consent', $athlete->id, 'coach', [
            'status' => 'active',
            'scope' => $this->terms->hl7('consentscope', 'patient-privacy', 'Privacy Consent'),
            'category' => [$this->terms->concept(Code::Category, 'coach', 'Consent that the coach is told')],
            'patient' => $patient->reference(),
            'performer' => [['display' => $by]],
            'policyRule' => ['text' => 'The coach is told who is available, and nothing of what was found.'],
            'provision' => ['type' => 'permit', ...($period === [] ? [] : ['period' => $period])],
        ]);
    }

    private static function said(Athlete $athlete, string $key): ?string
    {
        $value = $athlete->profile->{$key} ?? null;

        return \is_string($value) && trim($value) !== '' ? trim($value) : null;
    }

    /** @return Entry */
    private static function letter(Letter $letter, Party $patient): array
    {
        $newest = $letter->newest()->content;
        $to = implode(', ', array_filter([$newest['to']['name'], $newest['to']['practice']]));

        return self::entry('Communication', $letter->id, 'letter', [
            'status' => 'completed',
            'subject' => $patient->reference(),
            ...($to === '' ? [] : ['recipient' => [['display' => $to]]]),
            'topic' => ['text' => $newest['subject']],
            'sent' => $letter->sent_at?->toIso8601ZuluString(),
            'payload' => [['contentString' => $newest['text']]],
        ]);
    }

    /**
     * @param  Element  $body
     * @return Entry
     */
    private static function entry(string $type, string $record, string $what, array $body): array
    {
        $uuid = (new Uuids($record))->of($what);

        return ['fullUrl' => "urn:uuid:{$uuid}", 'resource' => ['resourceType' => $type, 'id' => $uuid, ...$body]];
    }
}
