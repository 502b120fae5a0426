<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex, nofollow">
<title>{{ __('papers.page.title') }}</title>
<link rel="stylesheet" href="/page.css">
@vite(['web/src/page.ts'])
</head>
<body>
<main><noscript><p>{{ __('papers.page.needs_javascript') }}</p></noscript></main>
</body>
</html>
