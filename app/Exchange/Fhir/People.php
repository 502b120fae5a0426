<?php

declare(strict_types=1);

namespace App\Exchange\Fhir;

use App\Access\Models\Team;
use App\Access\Models\User;
use App\Club\Models\Athlete;
use GrayCompass\Core\Fhir\Code;
use GrayCompass\Core\Fhir\Party;
use GrayCompass\Core\Fhir\Terms;

/** Athletes, practitioners and teams as resources that are the same in every bundle. */
final readonly class People
{
    public function __construct(private Terms $terms)
    {
    }

    public function patient(Athlete $athlete, Team $team): Party
    {
        $sex = $athlete->profile->sex ?? null;

        return new Party($athlete->id, [
            'identifier' => [
                $this->terms->identifier(Code::Athlete, $athlete->id),
                ...($athlete->number === null ? [] : [$this->terms->identifier(Code::Number, $athlete->number)]),
            ],
            'active' => ! $athlete->trashed(),
            'name' => [['text' => $athlete->name]],
            ...($sex === 'female' || $sex === 'male' ? ['gender' => $sex] : []),
            'birthDate' => $athlete->born_on->toDateString(),
            'managingOrganization' => $this->organization($team)->reference(),
        ]);
    }

    public function practitioner(User $user): Party
    {
        return new Party($user->id, [
            'identifier' => [$this->terms->identifier(Code::Examiner, $user->id)],
            'name' => [['text' => $user->name]],
        ]);
    }

    public function organization(Team $team): Party
    {
        return new Party($team->id, [
            'identifier' => [$this->terms->identifier(Code::Team, $team->id)],
            'name' => $team->name,
        ]);
    }
}
