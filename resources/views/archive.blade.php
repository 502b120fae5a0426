<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>{{ __('papers.archive.title', ['name' => $athlete->name]) }}</title>
<style>
body { font: 16px/1.5 system-ui, sans-serif; color: #1c1f22; max-width: 46em; margin: 2em auto; padding: 0 1em; }
h1 { margin-bottom: 0; } h2 { margin-top: 1.6em; border-bottom: 1px solid #1c1f22; }
table { border-collapse: collapse; width: 100%; } th, td { text-align: left; padding: .3em .8em .3em 0; border-bottom: 1px solid #cfd1cf; vertical-align: top; }
.quiet { color: #5c6165; }
</style>
</head>
<body>
<h1>{{ $athlete->name }}</h1>
<p class="quiet">{{ __('papers.archive.kept', ['when' => $days->writtenWithTime(now()->toImmutable())]) }} <a href="athlete.json">{{ __('papers.archive.details') }}</a>, <a href="log.csv">{{ __('papers.archive.log') }}</a>.</p>
<table>
<tr><th>{{ __('papers.archive.born') }}</th><td>{{ $days->order->written($athlete->born_on) }}</td></tr>
<tr><th>{{ __('papers.archive.squad') }}</th><td>{{ $athlete->squad }}</td></tr>
@if ($athlete->number)<tr><th>{{ __('papers.archive.number') }}</th><td>{{ $athlete->number }}</td></tr>@endif
@foreach ((array) $athlete->profile as $name => $value)
<tr><th>{{ ucfirst(strtolower(preg_replace('/(?<=[a-z])[A-Z]/', ' $0', $name))) }}</th><td>{{ $value }}</td></tr>
@endforeach
</table>
@foreach ($facts['episodes'] as $episode)
<h2>{{ $episode['hurtSide'] === 'right' ? __('papers.archive.right') : __('papers.archive.left') }}, {{ $episode['injuredOn'] ? __('papers.archive.hurt_on', ['day' => $episode['injuredOn']]) : __('papers.archive.without_injury') }}</h2>
<table>
@foreach ($facts['examinations'] as $visit)
@if ($visit['episode'] === $episode['id'])
<tr><td>{{ substr($visit['examinedAt'], 0, 10) }}, {{ match (true) { $visit['status'] !== 'signed' => __('papers.archive.not_signed'), in_array($visit['id'], $replaced, true) => __('papers.archive.replaced'), default => __('papers.archive.signed') } }}</td>
<td><a href="{{ $folders[$visit['id']] }}/summary.pdf">{{ __('papers.archive.summary') }}</a>, <a href="{{ $folders[$visit['id']] }}/document.json">{{ __('papers.archive.recorded') }}</a>, <a href="{{ $folders[$visit['id']] }}/assessment.json">{{ __('papers.archive.followed') }}</a></td></tr>
@endif
@endforeach
</table>
@foreach ($episode['referenceResults'] as $result)
<p>{{ $result['removed'] ? __('papers.archive.removed_result', ['label' => $result['label'], 'day' => $result['on']]) : __('papers.archive.result', ['label' => $result['label'], 'day' => $result['on']]) }}
@foreach ($result['answers'] as $answer){{ $answer['grade'] ? __('papers.archive.grade', ['label' => $answer['label'], 'grade' => $answer['grade']]) : $answer['label'] }} {{ $answer['seen'] === 'present' ? __('papers.archive.found') : __('papers.archive.not_found') }}{{ $loop->last ? '.' : ', ' }}@endforeach
{{ $result['note'] }}
@foreach ($result['files'] as $file)<a href="files/{{ $file['id'] }}.{{ ['application/pdf' => 'pdf', 'image/png' => 'png', 'image/jpeg' => 'jpg'][$file['type']] }}">{{ $file['name'] }}</a> @endforeach</p>
@endforeach
@endforeach
@if ($facts['letters'] !== [])
<h2>{{ __('papers.archive.letters') }}</h2>
<table>
@foreach ($facts['letters'] as $letter)
<tr><td>{{ substr($letter['at'], 0, 10) }}</td><td><a href="letters/{{ $letter['id'] }}.txt">{{ $letter['toName'] === '' ? __('papers.archive.no_recipient') : $letter['toName'] }}</a>, <a href="letters/{{ $letter['id'] }}.json">{{ __('papers.archive.versions') }}</a></td><td>{{ $letter['sent'] ?? __('papers.archive.not_sent') }}</td></tr>
@endforeach
</table>
@endif
@if ($facts['tasks'] !== [])
<h2>{{ __('papers.archive.tasks') }}</h2>
<table>
@foreach ($facts['tasks'] as $task)
<tr><td>{{ $task['dueOn'] ?? '' }}</td><td>{{ $task['title'] }} {{ $task['closing'] }}</td><td>{{ str_replace('_', ' ', $task['state']) }}</td></tr>
@endforeach
</table>
@endif
@if ($facts['proposals'] !== [])
<h2>{{ __('papers.archive.proposals') }}</h2>
<table>
@foreach ($facts['proposals'] as $proposal)
<tr><td>{{ substr($proposal['at'], 0, 10) }}</td><td>{{ $proposal['title'] }} {{ $proposal['note'] }}</td><td>{{ str_replace('_', ' ', $proposal['state']) }} {{ $proposal['why'] }}</td></tr>
@endforeach
</table>
@endif
<p class="quiet">{{ __('papers.archive.caution') }}</p>
</body>
</html>
