<?php

declare(strict_types=1);

// Compiles what nearly every request needs once, when php-fpm starts. bin/lib/services.sh names it.

const PRELOADED = '/^(GrayCompass\\\\(Core|Document|Inference)\\\\(?!Tests|Simulation)|App\\\\(?!Console)'
    .'|Illuminate\\\\(Auth|Config|Container|Contracts|Cookie|Database|Encryption|Events|Foundation|Http|Pipeline|Routing|Session|Support|Validation)\\\\'
    .'|Symfony\\\\Component\\\\(HttpFoundation|HttpKernel|Routing)\\\\|Carbon\\\\(CarbonImmutable|CarbonInterface|Traits)|Psr\\\\)/';

/** @var array<class-string, string> $classes */
$classes = require __DIR__.'/../vendor/composer/autoload_classmap.php';
foreach ($classes as $class => $file) {
    if (preg_match(PRELOADED, $class) === 1 && ! str_contains($class, '\\Testing\\') && ! str_contains($class, '\\Console\\')) {
        @opcache_compile_file($file);
    }
}
