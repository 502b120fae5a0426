<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $version->content['subject'] }}</title>
<style>
@page { margin: 20mm 22mm 18mm; }
body { font: 10.6pt/1.4 'Atkinson', 'Atkinson Extended', 'DejaVu Sans'; color: #1c1f22; margin: 0; }
p { margin: 0 0 6pt; white-space: pre-wrap; }
.head { border-bottom: 1pt solid #1c1f22; padding-bottom: 6pt; margin-bottom: 16pt; }
.to { margin-bottom: 12pt; } .right { text-align: right; }
h1 { font-size: 11pt; margin: 10pt 0 10pt; }
.draft { color: #c0391a; font-weight: bold; }
</style>
</head>
<body>
<div class="head">@foreach ($head as $at => $line)<div>@if ($at === 0)<b>{{ $line }}</b>@else{{ $line }}@endif</div>@endforeach</div>
<div class="to">@foreach ($to as $line)<div>{{ $line }}</div>@endforeach</div>
<div class="right">{{ $on }}</div>
@if ($isDraft)<p class="draft">{{ __('papers.letter.draft', ['number' => $version->number]) }}</p>@endif
<h1>{{ $version->content['subject'] }}</h1>
@foreach (preg_split('/\R{2,}/u', $version->content['text']) as $paragraph)<p>{{ $paragraph }}</p>@endforeach
</body>
</html>
