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
    'strict' => true,
    'engine' => 'InnoDB',
    // Whatever zone the database's machine lives in.
    'timezone' => '+00:00',
    // A worker keeps its connection: what a request left open in it is rolled back when the request ends.
    'options' => [PDO::ATTR_TIMEOUT => 3, PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false)],
];

return [
    'default' => env('DB_CONNECTION', 'mariadb'),
    'connections' => [
        'mariadb' => $records,
        // Never the same connection: what is told through it stands at once, whatever the other has open.
        'beside' => ['options' => [PDO::ATTR_TIMEOUT => 3, PDO::ATTR_PERSISTENT => false]] + $records,
    ],
    // By which name it is asked for; a test that holds everything in one transaction has but one.
    'beside' => env('DB_BESIDE', 'beside'),
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
