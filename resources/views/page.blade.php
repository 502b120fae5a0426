<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex, nofollow">
<title>Your knee</title>
<link rel="stylesheet" href="/page.css">
@vite(['web/src/page.ts'])
</head>
<body>
<main><noscript><p>This page needs JavaScript to show what was written for you.</p></noscript></main>
</body>
</html>
