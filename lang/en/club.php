<?php

declare(strict_types=1);

/** What the domain `Club` says, by the class that says it. */
return [
    'column' => [
        'name' => 'Name',
        'given_name' => 'Given name',
        'family_name' => 'Family name',
        'birth_date' => 'Birth date',
        'squad' => 'Squad',
        'number' => 'Number',
        'sport' => 'Sport',
        'treating_doctor' => 'Treating doctor',
        'guardian' => 'Guardian',
        'notes' => 'Notes',
        'sex' => 'Sex',
        'leading_leg' => 'Leading leg',
        'height_cm' => 'Height, cm',
        'weight_kg' => 'Weight, kg',
        'other_squads' => 'Other squads',
        'coach_told_agreed_by' => 'Coach told, agreed by',
        'coach_told_from' => 'Coach told from',
        'coach_told_until' => 'Coach told until',
    ],
    'importController' => [
        'the_lists_have_changed_check_the' => 'the lists have changed: check the preview again',
    ],
    'importRequest' => [
        'this_is_not_base_64' => 'this is not base 64',
    ],
    'imports' => [
        'number_given_meanwhile' => 'A number was given to another athlete meanwhile; nothing of the list was stored.',
        'it_has_no_athletes_to_add' => 'it has no athletes to add',
        'an_import_can_be_undone_for' => 'an import can be undone for a day, and only once',
    ],
    'members' => [
        'this_is_the_only_lead_of' => 'this is the only lead of the team: give another member that role first',
    ],
    'sheet' => [
        'file_is_empty' => 'the file is empty',
        'no_csv' => 'this is no list in CSV: save it as CSV first',
        'no_rows' => 'it has a header row at most: the rows come below it',
        'too_long' => 'it is longer than :most_rows rows or wider than :most_columns columns',
    ],
    'problems' => [
        'similar' => 'a similar athlete is already in the lists',
    ],
    'roster' => [
        'id_is_taken' => 'another athlete has this id: add them again',
        'number_taken' => ':name has this number',
        'number_taken_archived' => ':name has this number, who is archived: restore them, or give them another number first',
    ],
    'neighbours' => [
        'archived' => 'archived: restore them',
        'unchanged' => 'already here, unchanged',
        'row' => 'row :row',
        'row_says_the_same' => 'row :row says the same',
        'number_taken' => 'number: :who has :number',
        'much_like' => 'much like :name, :where, born on the same day',
        'other_number' => 'row :row has the same name and birth date, with number :number: only that row is taken',
        'no_number' => 'row :row has the same name and birth date, with no number: only that row is taken',
    ],
    'makeAthletes' => [
        'failed' => 'It did not work; nothing of the list was stored.',
    ],
    'columnMapping' => [
        'no_day' => 'birth date: “:born” is no day, read as :order',
    ],
    'teamRequest' => [
        'squad' => 'squad of a season',
        'from' => 'first day of a season',
        'until' => 'last day of a season',
    ],
];
