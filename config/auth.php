<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'providers' => ['users' => ['driver' => 'members', 'model' => App\Access\Models\User::class]],
    'passwords' => [],
    // An answer takes as long for an account that is not there (microseconds).
    'timebox_duration' => 400_000,
];
