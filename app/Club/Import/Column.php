<?php

declare(strict_types=1);

namespace App\Club\Import;

/** What a column of a list may tell of an athlete. */
enum Column: string
{
    case Name = 'name';
    case GivenName = 'givenName';
    case FamilyName = 'familyName';
    case Born = 'born';
    case Squad = 'squad';
    case Number = 'number';
    case Sport = 'sport';
    case Doctor = 'doctor';
    case Guardian = 'guardian';
    case Notes = 'notes';
    case Sex = 'sex';
    case LeadingLeg = 'leadingLeg';
    case Height = 'heightCm';
    case Mass = 'massKg';
    case AlsoIn = 'alsoIn';
    case CoachToldBy = 'coachToldBy';
    case CoachToldFrom = 'coachToldFrom';
    case CoachToldUntil = 'coachToldUntil';

    public function label(): string
    {
        return match ($this) {
            self::Name => __('club.column.name'),
            self::GivenName => __('club.column.given_name'),
            self::FamilyName => __('club.column.family_name'),
            self::Born => __('club.column.birth_date'),
            self::Squad => __('club.column.squad'),
            self::Number => __('club.column.number'),
            self::Sport => __('club.column.sport'),
            self::Doctor => __('club.column.treating_doctor'),
            self::Guardian => __('club.column.guardian'),
            self::Notes => __('club.column.notes'),
            self::Sex => __('club.column.sex'),
            self::LeadingLeg => __('club.column.leading_leg'),
            self::Height => __('club.column.height_cm'),
            self::Mass => __('club.column.weight_kg'),
            self::AlsoIn => __('club.column.other_squads'),
            self::CoachToldBy => __('club.column.coach_told_agreed_by'),
            self::CoachToldFrom => __('club.column.coach_told_from'),
            self::CoachToldUntil => __('club.column.coach_told_until'),
        };
    }

    /**
     * How lists call it, in small letters: English, German, French, Dutch, Swedish.
     *
     * @return list<string>
     */
    private function names(): array
    {
        return match ($this) {
            self::Name => ['name', 'full name', 'athlete', 'player', 'spieler', 'nom complet', 'naam', 'namn'],
            self::GivenName => [
                'given name', 'first name', 'firstname', 'forename', 'vorname', 'prénom', 'voornaam', 'förnamn',
            ],
            self::FamilyName => [
                'family name', 'last name', 'lastname', 'surname',
                'nachname', 'familienname', 'nom', 'achternaam', 'efternamn',
            ],
            self::Born => [
                'birth date', 'birthdate', 'birthday', 'date of birth', 'dob', 'born', 'geburtsdatum', 'geboren',
                'date de naissance', 'geboortedatum', 'födelsedatum',
            ],
            self::Squad => ['squad', 'team', 'group', 'mannschaft', 'kader', 'équipe', 'ploeg', 'lag'],
            self::Number => [
                'number', 'no', 'no.', 'nr', 'nr.', 'shirt', 'shirt number', 'rückennummer', 'numéro', 'nummer',
            ],
            self::Sport => ['sport'],
            self::Doctor => ['doctor', 'treating doctor', 'physician', 'arzt', 'médecin', 'huisarts', 'läkare'],
            self::Guardian => ['guardian', 'parent', 'parents', 'eltern', 'tuteur', 'ouder', 'vårdnadshavare'],
            self::Notes => ['notes', 'note', 'remarks', 'bemerkung', 'bemerkungen', 'remarques', 'opmerkingen'],
            self::Sex => ['sex', 'gender', 'geschlecht', 'sexe', 'geslacht', 'kön'],
            self::LeadingLeg => ['leading leg', 'kicking leg', 'leg', 'standbein', 'schussbein', 'jambe'],
            self::Height => ['height', 'height, cm', 'height cm', 'größe', 'grösse', 'taille', 'lengte', 'längd'],
            self::Mass => ['mass', 'mass, kg', 'mass kg', 'weight', 'weight, kg', 'weight kg', 'gewicht', 'poids', 'vikt'],
            self::AlsoIn => ['other squads', 'also in', 'weitere mannschaften'],
            self::CoachToldBy => ['coach told, agreed by', 'coach told by'],
            self::CoachToldFrom => ['coach told from'],
            self::CoachToldUntil => ['coach told until'],
        };
    }

    /**
     * In the order in which an export holds them; a list comes back whole.
     *
     * @return list<self>
     */
    public static function exported(): array
    {
        return array_values(array_filter(
            self::cases(), static fn (self $one): bool => ! \in_array($one, [self::GivenName, self::FamilyName], true),
        ));
    }

    /** Whether it is one of what is known beside name, birth date, squad and number, and called so there. */
    public function isProfile(): bool
    {
        return ! \in_array($this, [
            self::Name, self::GivenName, self::FamilyName, self::Born, self::Squad, self::Number,
        ], true);
    }

    /**
     * Which column is which, by its head; none is taken twice.
     *
     * @param  list<string>  $heads
     * @return array<string, int<0, max>> place of the column, by what it tells
     */
    public static function guessed(array $heads): array
    {
        $places = [];
        foreach ($heads as $place => $head) {
            $bare = mb_strtolower(trim($head, " \t*:"));
            foreach (self::cases() as $column) {
                if (! isset($places[$column->value]) && \in_array($bare, $column->names(), true)) {
                    $places[$column->value] = $place;
                    break;
                }
            }
        }

        return $places;
    }
}
