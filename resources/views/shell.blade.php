<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Gray Compass</title>
<meta name="theme-color" content="#1c1f22">
<meta name="instruments" content="{{ implode(' ', config('exchange.instruments')) }}">
<link rel="icon" href="/icon.svg" type="image/svg+xml">
<link rel="apple-touch-icon" href="/icon-192.png">
<link rel="manifest" href="/build/manifest.webmanifest">
@vite('web/src/main.ts')
</head>
<body><div id="app"></div><noscript>{{ __('papers.page.app_needs_javascript') }}</noscript></body>
</html>
