<?php

declare(strict_types=1);

/** What the domain `Platform` says, by the class that says it. */
return [
    'once' => [
        'a_request_that_makes_something_carries' => 'a request that makes something carries a key of its own in this header: 8 to 64 letters, digits, - or _',
    ],
    'problems' => [
        'this_key_was_used_for_something' => 'this key was used for something else',
        'another_person_is_changing_this_try' => 'Another person is changing this. Try again in a moment.',
        'the_disk_of_the_server_is' => 'The server’s disk is full: nothing can be saved just now. Stored records can still be read.',
    ],
    'status' => [
        401 => 'Log in first.',
        403 => 'You are not allowed to do this.',
        404 => 'This was not found, or you may not see it.',
        405 => 'This cannot be done here.',
        413 => 'The request is too large.',
        419 => 'This page has expired: load it again.',
        429 => 'Too many attempts: wait a minute.',
        500 => 'Something went wrong. Nothing was stored; the details are in the server log.',
        503 => 'The database is busy: try again in a moment.',
        'other' => 'The request failed.',
    ],
];
