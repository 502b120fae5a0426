<?php

declare(strict_types=1);

/** What the domain `Clinic` says, by the class that says it. */
return [
    'arrivals' => [
        'time_missing' => 'expected when it was examined, such as 2026-03-14T09:30:00Z',
    ],
    'attachments' => [
        'the_file_is_empty' => 'the file is empty',
        'the_file_is_larger_than_10' => 'the file is larger than 10 MB',
        'expected_a_pdf_png_or_jpeg' => 'expected a PDF, PNG or JPEG, by what is in it and not by its name',
        'a_result_can_have_files_at' => 'a result can have :most_beside_one files at most',
    ],
    'channel' => [
        'by_e_mail' => 'by e-mail',
        'by_hand_or_post' => 'by hand or post',
    ],
    'corrections' => [
        'another_examination_replaced_it' => 'another examination replaced it: correct that one',
        'it_is_not_signed_change_it' => 'it is not signed: change it directly',
    ],
    'document' => [
        'unknown_only_entries_stand_here' => 'unknown; only entries stand here',
        'not_part_of_the_frame' => 'not part of the frame',
    ],
    'kneeChanger' => [
        'both_knees_are_examined_each_stays' => 'both knees are examined: each stays with its own',
        'a_baseline_is_of_both_knees' => 'a baseline is of both knees: none of them is hurt',
    ],
    'letters' => [
        'sign_the_examination_first_a_letter' => 'sign the examination first: a letter says what is signed',
        'a_later_examination_replaced_this_one' => 'a later examination replaced this one: write from that one',
        'this_server_sends_no_mail_hand' => 'this server sends no mail: hand the letter over, and record that you did',
        'there_is_no_address_to_send' => 'there is no address to send it to',
        'this_letter_was_sent_already_begin' => 'this letter was sent already: begin another one',
    ],
    'proposalPolicy' => [
        'only_the_person_who_proposed_it' => 'Only the person who proposed it can withdraw it; decline it instead.',
    ],
    'proposals' => [
        'this_injury_does_not_exist_any' => 'this injury does not exist any more',
        'this_task_does_not_exist_any' => 'this task does not exist any more',
    ],
    'referenceKind' => [
        'mri' => 'MRI',
        'arthroscopy' => 'Arthroscopy',
        'operation' => 'Operation',
        'ultrasound' => 'Ultrasound',
        'course_of_weeks' => 'Course of weeks',
    ],
    'returnedFile' => [
        'this_is_not_a_calendar_file' => 'this is not a calendar file',
    ],
    'sectionChange' => [
        'a_baseline_cannot_become_another_route' => 'a baseline cannot become another route, nor another route a baseline',
        'it_comes_from_the_injury_and' => 'it comes from the injury and the athlete: change it there',
    ],
    'sectionName' => [
        'setting_and_route' => 'setting and route',
        'before_hands_on' => 'before hands-on',
        'how_it_happened' => 'how it happened',
        'history' => 'history',
        'safety_check' => 'safety check',
        'findings_by_others' => 'findings by others',
        'pulse_at_the_foot' => 'pulse at the foot',
    ],
    'sharedPages' => [
        'your_team_does_not_share_pages' => 'your team does not share pages; a lead can allow it in the settings',
        'sign_the_examination_first' => 'sign the examination first',
    ],
    'signer' => [
        'the_knee_is_warm_or_red' => 'the knee is warm or red: ask about fever and a hot knee before signing',
        'the_safety_check_is_not_complete' => 'the safety check is not complete: complete it, or say why not',
    ],
    'start' => [
        'begun_too_long_ago' => 'it was started more than :days days ago',
        'id_is_taken' => 'another examination has this id: start it again',
        'a_baseline_is_of_sound_knees' => 'a baseline is of sound knees: there is no injury',
    ],
    'taskChange' => [
        'this_is_closed_already' => 'this is closed already',
        'only_a_referral_is_sent' => 'only a referral is sent',
        'enter_the_reason_for_dismissing_it' => 'enter the reason for dismissing it',
    ],
    'twins' => [
        'a_baseline_is_of_both_knees' => 'a baseline is of both knees already',
    ],
    'work' => [
        'too_much_to_weigh_at_once' => 'too much to weigh at once: :work of at most :most (conditions times targets of results and candidates)',
    ],
    'problems' => [
        'signed' => 'this examination is signed and cannot be changed',
        'entered_by_another' => 'another person entered this; students can change their own entries only',
        'moved_on' => 'something was changed after you last saw it: review it, then sign',
        'changed_meanwhile' => 'changed meanwhile in another tab or by another person',
        'decided' => 'this proposal has already been decided',
        'letter_changed' => 'another version was saved meanwhile: read it first',
    ],
    'calendars' => [
        'day_cannot_be_read' => 'its day in the file cannot be read',
        'closed_already' => 'it is closed already',
    ],
    'calendarFile' => [
        'is_due' => ':initials is due',
    ],
    'visitComparison' => [
        'measured_once' => 'measured once',
    ],
];
