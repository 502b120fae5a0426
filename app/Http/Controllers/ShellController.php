<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

/** The page that carries the interface; it is the same for everyone, logged in or not. */
final class ShellController
{
    public function __invoke(): Response
    {
        $manifest = public_path('build/.vite/manifest.json');
        if (! is_file($manifest)) {
            return response('The interface is not built yet: run bin/start.', 503, ['Content-Type' => 'text/plain']);
        }
        /** @var array<string, array{file: string, css?: list<string>}> $entries */
        $entries = json_decode((string) file_get_contents($manifest), true, 16, JSON_THROW_ON_ERROR);
        $entry = $entries['web/src/main.ts'];
        $links = implode('', array_map(static fn (string $css): string => "<link rel=\"stylesheet\" href=\"/build/{$css}\">", $entry['css'] ?? []));

        return response(<<<HTML
            <!doctype html>
            <html lang="en">
            <head>
            <meta charset="utf-8">
            <meta name="viewport" content="width=device-width, initial-scale=1">
            <title>Gray Compass</title>
            <link rel="icon" href="/icon.svg" type="image/svg+xml">
            {$links}
            <script type="module" src="/build/{$entry['file']}"></script>
            </head>
            <body><div id="app"></div><noscript>Gray Compass needs JavaScript.</noscript></body>
            </html>
            HTML);
    }
}
