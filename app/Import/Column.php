<?php

declare(strict_types=1);

namespace App\Import;

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

    public function label(): string
    {
        return match ($this) {
            self::Name => 'Name',
            self::GivenName => 'Given name',
            self::FamilyName => 'Family name',
            self::Born => 'Birth date',
            self::Squad => 'Squad',
            self::Number => 'Number',
            self::Sport => 'Sport',
            self::Doctor => 'Treating doctor',
            self::Guardian => 'Guardian',
            self::Notes => 'Notes',
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
        };
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
