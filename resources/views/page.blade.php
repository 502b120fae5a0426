<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title>Your knee</title>
<link rel="stylesheet" href="/page.css">
</head>
<body>
<main>
@forelse ($parts as $part)
<h2>{{ $part['heading'] }}</h2>
<p>{{ $part['say'] }}</p>
@empty
<p>This page is not open any more. Ask whoever examined your knee.</p>
@endforelse
</main>
</body>
</html>
