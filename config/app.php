<?php

declare(strict_types=1);

return [
    'name' => 'Gray Compass',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    // A file that figures:cache writes at each start; without one the figures are read from where they are shipped.
    'figures' => env('FIGURES_CACHE'),
    // The folder of the running instance, where bin/start says how full its disk is; null where nothing watches it.
    'instance' => env('INSTANCE_FOLDER'),
    // What paper needs to be drawn: typefaces as they are unpacked, and what dompdf measures of them.
    'papers' => env('INSTANCE_FOLDER') ? env('INSTANCE_FOLDER').'/papers' : storage_path('framework/cache'),
    // Where the heads of the hash chains are kept outside the database; null: nowhere.
    'heads' => env('HEADS_FOLDER'),
    'demo' => (bool) env('APP_DEMO', false),
];
