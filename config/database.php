<?php

declare(strict_types=1);

$records = [
    'driver' => 'mariadb',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '3306'),
    'unix_socket' => env('DB_SOCKET', ''),
    'database' => env('DB_DATABASE', 'gray_compass'),
    'username' => env('DB_USERNAME', 'gray_compass'),
    'password' => env('DB_PASSWORD', ''),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_unicode_ci',
    'prefix' => '',
    'modes' => [
        'ONLY_FULL_GROUP_BY', 'STRICT_TRANS_TABLES', 'NO_ZERO_IN_DATE', 'NO_ZERO_DATE', 'ERROR_FOR_DIVISION_BY_ZERO',
        'NO_ENGINE_SUBSTITUTION',
    ],
    'engine' => 'InnoDB',
    // Whatever zone the database's machine lives in.
    'timezone' => '+00:00',
    // The address names it already.
    'use_db_after_connecting' => false,
];
// Values are put in by the driver: a statement that is asked once a request is not worth a round trip to prepare it.
$options = [
    PDO::ATTR_TIMEOUT => 3,
    PDO::ATTR_EMULATE_PREPARES => true,
    PDO::MYSQL_ATTR_MULTI_STATEMENTS => false,
];

return [
    'default' => env('DB_CONNECTION', 'mariadb'),
    'connections' => [
        // A worker keeps its connection: what a request left open in it is rolled back when the request ends.
        'mariadb' => [
            'options' => [PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false)] + $options,
        ] + $records,
        // Never the same connection: what is told through it stands at once, whatever the other has open.
        'beside' => ['options' => $options] + $records,
    ],
    // By which name it is asked for; a test that holds everything in one transaction has but one.
    'beside' => env('DB_BESIDE', 'beside'),
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
