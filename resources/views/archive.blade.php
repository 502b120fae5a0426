<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>All records on {{ $athlete->name }}</title>
<style>
body { font: 16px/1.5 system-ui, sans-serif; color: #1c1f22; max-width: 46em; margin: 2em auto; padding: 0 1em; }
h1 { margin-bottom: 0; } h2 { margin-top: 1.6em; border-bottom: 1px solid #1c1f22; }
table { border-collapse: collapse; width: 100%; } th, td { text-align: left; padding: .3em .8em .3em 0; border-bottom: 1px solid #cfd1cf; vertical-align: top; }
.quiet { color: #5c6165; }
</style>
</head>
<body>
<h1>{{ $athlete->name }}</h1>
<p class="quiet">Everything that was kept on this athlete on {{ $days->writtenWithTime(now()->toImmutable()) }}. <a href="athlete.json">athlete.json</a> holds the details, the history of both knees and the tasks; <a href="log.csv">log.csv</a> says who read, changed, signed or exported it, and when.</p>
<table>
<tr><th>Born</th><td>{{ $days->order->written($athlete->born_on) }}</td></tr>
<tr><th>Squad</th><td>{{ $athlete->squad }}</td></tr>
@if ($athlete->number)<tr><th>Number</th><td>{{ $athlete->number }}</td></tr>@endif
@foreach ((array) $athlete->profile as $name => $value)
<tr><th>{{ ucfirst(strtolower(preg_replace('/(?<=[a-z])[A-Z]/', ' $0', $name))) }}</th><td>{{ $value }}</td></tr>
@endforeach
</table>
@foreach ($facts['episodes'] as $episode)
<h2>{{ ucfirst($episode['hurtSide']) }} knee, {{ $episode['injuredOn'] ? "hurt on {$episode['injuredOn']}" : 'came on without an injury' }}</h2>
<table>
@foreach ($facts['examinations'] as $visit)
@if ($visit['episode'] === $episode['id'])
<tr><td>{{ substr($visit['examinedAt'], 0, 10) }}, {{ match (true) { $visit['status'] !== 'signed' => 'not signed', in_array($visit['id'], $replaced, true) => 'signed, replaced by a correction', default => 'signed' } }}</td>
<td><a href="{{ $folders[$visit['id']] }}/summary.pdf">Summary</a>, <a href="{{ $folders[$visit['id']] }}/document.json">what was recorded</a>, <a href="{{ $folders[$visit['id']] }}/assessment.json">what followed</a></td></tr>
@endif
@endforeach
</table>
@foreach ($episode['referenceResults'] as $result)
<p>{{ $result['label'] }} of {{ $result['on'] }}{{ $result['removed'] ? ' (removed)' : '' }}:
@foreach ($result['answers'] as $answer){{ $answer['label'] }}{{ $answer['grade'] ? " grade {$answer['grade']}" : '' }} {{ $answer['seen'] === 'present' ? 'found' : 'not found' }}{{ $loop->last ? '.' : ', ' }}@endforeach
{{ $result['note'] }}
@foreach ($result['files'] as $file)<a href="files/{{ $file['id'] }}.{{ ['application/pdf' => 'pdf', 'image/png' => 'png', 'image/jpeg' => 'jpg'][$file['type']] }}">{{ $file['name'] }}</a> @endforeach</p>
@endforeach
@endforeach
@if ($facts['letters'] !== [])
<h2>Letters</h2>
<table>
@foreach ($facts['letters'] as $letter)
<tr><td>{{ substr($letter['at'], 0, 10) }}</td><td><a href="letters/{{ $letter['id'] }}.txt">{{ $letter['toName'] === '' ? 'No recipient yet' : $letter['toName'] }}</a>, <a href="letters/{{ $letter['id'] }}.json">all versions</a></td><td>{{ $letter['sent'] ?? 'not sent' }}</td></tr>
@endforeach
</table>
@endif
@if ($facts['tasks'] !== [])
<h2>Tasks</h2>
<table>
@foreach ($facts['tasks'] as $task)
<tr><td>{{ $task['dueOn'] ?? '' }}</td><td>{{ $task['title'] }} {{ $task['closing'] }}</td><td>{{ str_replace('_', ' ', $task['state']) }}</td></tr>
@endforeach
</table>
@endif
@if ($facts['proposals'] !== [])
<h2>Proposed by students</h2>
<table>
@foreach ($facts['proposals'] as $proposal)
<tr><td>{{ substr($proposal['at'], 0, 10) }}</td><td>{{ $proposal['title'] }} {{ $proposal['note'] }}</td><td>{{ str_replace('_', ' ', $proposal['state']) }} {{ $proposal['why'] }}</td></tr>
@endforeach
</table>
@endif
<p class="quiet">Probabilities are estimates, not a diagnosis; the treating clinician decides.</p>
</body>
</html>
