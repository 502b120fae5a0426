<?php

declare(strict_types=1);

/** What the audit log says of the detail of an entry. */
return [
    'detail' => [
        'answered' => 'answered',
        'not_answered' => 'not answered',
    ],
    'codes' => [
        'follow_up' => 'follow-up',
        'gate' => 'safety check',
        'let_go' => 'dismissed',
        'taken' => 'accepted',
        'taken_back' => 'undone',
        'turned_down' => 'declined',
    ],
];
