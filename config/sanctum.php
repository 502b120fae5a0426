<?php

declare(strict_types=1);

// Sanctum opens tokens here, and nothing else: the interface is known by its own session.
return [
    'stateful' => [],
    'guard' => [],
    'expiration' => null,
    'routes' => false,
    'last_used_at' => true,
];
