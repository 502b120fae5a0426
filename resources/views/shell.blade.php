<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Gray Compass</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite('web/src/main.ts')
</head>
<body><div id="app"></div><noscript>Gray Compass needs JavaScript.</noscript></body>
</html>
