<?php

declare(strict_types=1);

/** What the domain `Access` says, by the class that says it. */
return [
    'ability' => [
        'only_members_of_the_team_see' => 'Only members of the team see availability.',
        'a_coach_sees_only_availability_and' => 'A coach sees only availability, and nothing else in a record.',
        'students_work_on_their_own' => 'Students work on their own examinations.',
        'a_student_cannot_sign' => 'A student cannot sign.',
        'a_student_cannot_change_tasks' => 'A student cannot change tasks.',
        'only_students_make_proposals_enter_it' => 'Only students make proposals. Enter it directly.',
        'a_student_cannot_change_the_lists' => 'A student cannot change the lists of athletes.',
        'only_a_team_lead_can_do' => 'Only a team lead can do this.',
        'only_a_team_lead_can_read' => 'Only a team lead can read the audit log.',
    ],
    'accountChange' => [
        'password_changed' => 'password changed',
        'second_factor_turned_on' => 'second factor turned on',
        'second_factor_turned_off' => 'second factor turned off',
    ],
    'dateOrder' => [
        'year_month_day' => 'Year, month, day',
        'day_month_year' => 'Day, month, year',
        'month_day_year' => 'Month, day, year',
    ],
    'invitations' => [
        'administrator' => 'The administrator of the server',
        'this_person_is_in_the_team' => 'this person is in the team already',
        'this_link_was_used_or_withdrawn' => 'this link was used or withdrawn, or has expired: ask for a new one',
        'there_is_an_account_with_this' => 'there is an account with this address: log in with it, then open the link again',
        'this_is_not_the_password_of' => 'this is not the password of the account with this address',
        'the_code_is_wrong_each_code' => 'The code is wrong. Each code works only once.',
        'it_is_missing' => 'it is missing',
    ],
    'mailAddress' => [
        'expected_an_e_mail_address_such' => 'expected an e-mail address such as name@clinic.example',
    ],
    'memberRequest' => [
        'enter_a_valid_e_mail_address' => 'Enter a valid e-mail address.',
    ],
    'passwordController' => [
        'this_is_not_your_password' => 'This is not your password.',
    ],
    'resets' => [
        'this_link_was_used_or_has' => 'this link was used or has expired: ask for a new one',
    ],
    'role' => [
        'examines_and_signs_and_manages_the' => 'Examines and signs, and manages the team: people, settings, audit log.',
        'examines_and_signs' => 'Examines and signs.',
        'examines_sees_only_their_own' => 'Examines, sees only their own examinations, asks a clinician to sign them, and proposes what to do next.',
        'sees_only_the_availability_of_athletes' => 'Sees only the availability of athletes who agreed to share it.',
    ],
    'secondFactorController' => [
        'the_secret_has_expired_start_again' => 'The secret has expired. Start again.',
        'the_code_is_wrong_check_that' => 'The code is wrong. Check that your phone sets its clock automatically, then enter the next code.',
        'your_team_asks_for_a_second' => 'Your team asks for a second factor.',
        'the_code_is_wrong_each_code' => 'The code is wrong. Each code works only once.',
    ],
    'sessionController' => [
        'the_e_mail_address_or_the' => 'The e-mail address or the password is wrong.',
        'the_password_or_the_code_is' => 'The password or the code is wrong. Each code works only once.',
    ],
    'problems' => [
        'password' => 'Enter your password again.',
        'code' => 'Enter the code from your app.',
        'second_factor' => 'Your team requires a second factor: set it up first.',
    ],
    'season' => [
        'begins' => 'season begins on :day',
        'ended' => 'season ended on :day',
        'until' => 'season until :day',
    ],
    'passwords' => [
        'too_short' => 'it needs :least letters or more',
        'too_long' => 'it may have :most letters at most',
        'repeats' => 'it repeats the same few letters',
        'common' => 'it is one of those that are guessed first',
        'own' => 'it is made of your own name or address',
    ],
    'token' => [
        'route_is_closed' => 'No token opens this; log in instead',
        'ability_is_missing' => 'This token does not have the ability :ability',
    ],
];
