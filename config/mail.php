<?php

declare(strict_types=1);

return [
    // Without a mail server, what would leave is kept in the outbox.
    'default' => env('MAIL_MAILER', 'outbox'),
    'mailers' => [
        'outbox' => ['transport' => 'outbox'],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
    ],
    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'records@gray-compass.example'),
        'name' => env('MAIL_FROM_NAME', 'Gray Compass'),
    ],
];
