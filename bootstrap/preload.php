<?php

declare(strict_types=1);

// Compiles what nearly every request needs once, when php-fpm starts. bin/lib/services.sh names it.

const PRELOADED = [
    'App', 'GrayCompass/Core', 'GrayCompass/Document', 'GrayCompass/Inference',
    'Illuminate', 'Symfony/Component/HttpFoundation', 'Symfony/Component/HttpKernel', 'Symfony/Component/Routing',
    'Symfony/Component/Translation', 'Symfony/Component/Uid', 'Symfony/Component/VarDumper', 'Symfony/Contracts',
    'Brick/Math', 'Carbon', 'Dotenv', 'Laravel/SerializableClosure', 'Monolog', 'PhpOption', 'Psr', 'Ramsey/Uuid',
];

const LEFT_OUT = '~/(Console|Notifications|Redis|Simulation|Test|Testing|Tests)/~';

/** @var array<class-string, string> $classes */
$classes = require __DIR__.'/../vendor/composer/autoload_classmap.php';
foreach ($classes as $class => $file) {
    $name = str_replace('\\', '/', $class);
    $isWanted = array_filter(PRELOADED, static fn (string $room): bool => str_starts_with($name, "{$room}/")) !== [];
    if ($isWanted && preg_match(LEFT_OUT, $name) !== 1) {
        @opcache_compile_file($file);
    }
}
