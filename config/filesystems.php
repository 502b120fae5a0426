<?php

declare(strict_types=1);

return [
    'disks' => [
        // Nothing is kept in files, so the framework opens no door to them.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false],
    ],
];
