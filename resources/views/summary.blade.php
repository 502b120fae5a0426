<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ __('papers.summary.title', ['name' => $athlete->name]) }}</title>
<style>
@page { margin: 11mm 12mm 10mm; }
body { font: 8.3pt/1.2 'Atkinson', 'Atkinson Extended', 'DejaVu Sans'; color: #1c1f22; margin: 0; }
h1 { font-size: 14pt; margin: 0; } h2 { font-size: 8.6pt; margin: 6pt 0 2pt; border-bottom: .6pt solid #1c1f22; }
p { margin: 0 0 2pt; } ul { margin: 0; padding-left: 9pt; } table { width: 100%; border-collapse: collapse; }
th, td { text-align: left; font-weight: normal; padding: .8pt 4pt .8pt 0; border-bottom: .3pt solid #cfd1cf; vertical-align: top; }
thead th { color: #5c6165; font-size: 6.6pt; } .n { text-align: right; padding-right: 8pt; } b, .b { font-weight: bold; }
.line { background: #1c1f22; color: #fff; padding: 3pt 6pt; margin: 2pt 0; } .act { color: #c0391a; font-weight: bold; } .half { width: 49%; vertical-align: top; border: 0; padding: 0 8pt 0 0; } .quiet { color: #43484c; }
.chances { width: 67%; border: 0; padding: 0 10pt 0 0; } .drawing { border: 0; padding: 0; }
.knee { position: relative; width: 56mm; height: 48.4mm; } .knee img { position: absolute; left: 0; top: 0; width: 56mm; height: 48.4mm; }
.label { position: absolute; margin: -7pt 0 0; text-align: center; font-size: 5.4pt; line-height: 1; } .label b { font-size: 8.4pt; }
.caution { margin-top: 6pt; border-top: 1pt solid #1c1f22; padding-top: 2pt; font-size: 6.8pt; }
</style>
</head>
<body>
@php($plan = $assessment['plan'])
<h1>{{ $athlete->name }} <span style="font-size: 9pt; font-weight: normal">{{ $words->knee($examination) }} · {{ __('papers.summary.seen', ['when' => $days->writtenWithTime($examination->examined_at), 'examiner' => $examination->examinedBy()]) }}</span></h1>
<p>{{ __('papers.summary.who', ['squad' => $athlete->squad, 'number' => $athlete->number, 'age' => $frame['ageYears'] ?? '–']) }} · {{ isset($frame['daysSinceInjury']) ? trans_choice('papers.summary.days_after', $frame['daysSinceInjury']) : __('papers.summary.without_injury') }} · {{ $words->signature($examination, $days) }}</p>
@if ($examination->superseding?->isSigned())<p class="b">{{ __('papers.summary.replaced') }}</p>@endif
@if ($examination->supersedes_id)<p>{{ __('papers.summary.corrects') }}</p>@endif
@foreach ($examination->addenda as $addendum)<p><b>{{ __('papers.summary.added', ['when' => $days->writtenWithTime($addendum->created_at), 'writer' => $addendum->writer->name ?? __('papers.person.former_member')]) }}</b> {{ $addendum->words }}</p>@endforeach
@if ($examination->signed_ungated)<p class="b">{{ __('papers.summary.ungated', ['reason' => $examination->signed_ungated]) }}</p>@endif
<h2>{{ __('papers.summary.safety') }}</h2>
@forelse ($assessment['safety']['lines'] as $line)
<div class="line"><b>{{ $words->urgency($line['urgency']) }}</b> {{ $line['say'] }}</div>
@empty
<p>{{ $assessment['safety']['gateOpen'] ? __('papers.summary.safety_complete') : __('papers.summary.safety_incomplete') }}</p>
@endforelse
@if ($plan['afterOperation'] !== '')<h2>{{ __('papers.summary.after_operation') }}</h2><p class="b">{{ $plan['afterOperation'] }}</p>@endif
@if ($examination->episode->is_baseline)
<h2>{{ __('papers.summary.not_weighed') }}</h2><p>{{ __('papers.summary.baseline_not_weighed') }}</p>
@else
<h2>{{ __('papers.summary.probabilities') }}</h2>
<table role="presentation"><tr><td class="chances">
<table>
<thead><tr><th>{{ __('papers.summary.condition') }}</th><th class="n">{{ __('papers.summary.pretest') }}</th><th class="n">{{ __('papers.summary.history') }}</th><th class="n">{{ __('papers.summary.posttest') }}</th><th class="n">{{ __('papers.summary.interval') }}</th><th>{{ __('papers.summary.zone') }}</th><th class="n">{{ __('papers.summary.grade') }}</th></tr></thead>
@foreach ($assessment['conditions'] as $c)
<tr><td>{{ ucfirst($conditions[$c['id']]) }}</td><td class="n">{{ $words->hundred($c['pretest']) }}</td><td class="n">{{ $words->hundred($c['afterStory']) }}</td><td class="n b">{{ $words->isAnswered($c) ? '' : $words->hundred($c['posttest']) }}</td><td class="n">{{ $words->isAnswered($c) ? '' : $words->range($c['interval']) }}</td><td class="{{ $c['zone'] === 'act' ? 'act' : '' }}">{{ $words->zone($c) }}</td><td class="n">{{ $c['grade'] ?? '–' }}</td></tr>
@endforeach
</table>
</td><td class="drawing">
<div class="knee"><img src="{{ $drawing->picture($zones) }}" alt="{{ ($frame['hurtSide'] ?? '') === 'right' ? __('papers.summary.drawing_right') : __('papers.summary.drawing_left') }}">
@foreach ($drawing->labels($zones) as $label)
<p class="label" style="left: {{ 100 * $label['left'] }}%; top: {{ 100 * $label['top'] }}%; width: {{ 100 * $label['width'] }}%; color: {{ $label['colour'] }}"><b>{{ $figures[$label['id']] }}</b><br>{{ $label['short'] }}</p>
@endforeach
</div>
</td></tr></table>
@endif
{{-- A cell does not break over pages: what is longer than one stands in one column. --}}
{!! $isLong ? '<div>' : '<table role="presentation"><tr><td class="half">' !!}
<h2>{{ __('papers.summary.both_knees') }}</h2>
@if ($assessment['measurements'] === [])<p>{{ __('papers.summary.nothing_measured') }}</p>@else
<table>
<thead><tr><th>{{ __('papers.summary.manoeuvre') }}</th><th class="n">{{ __('papers.summary.hurt') }}</th><th class="n">{{ __('papers.summary.other') }}</th><th class="n">{{ __('papers.summary.difference') }}</th><th class="n">{{ __('papers.summary.grade') }}</th></tr></thead>
@foreach ($assessment['measurements'] as $m)
@if ($m['hurt'] !== null || $m['grade'] !== null)
<tr><td>{{ $words->manoeuvre($m['manoeuvre']) }}</td><td class="n">{{ $m['estimate'] ? __('papers.summary.by_feel') : $words->figure($m['hurt'], $m['unit']) }}</td><td class="n">{{ $words->figure($m['other'], $m['unit']) }}{{ $m['comparedWith'] === 'baseline' ? '†' : '' }}</td><td class="n">{{ $words->difference($m) }}</td><td class="n">{{ $m['grade'] ?? '–' }}{{ $m['provisional'] ? '*' : '' }}</td></tr>
@endif
@endforeach
</table>
@endif
@if (collect($assessment['measurements'])->contains('comparedWith', 'baseline'))<p class="quiet">{{ __('papers.summary.own_baseline') }}</p>@endif
@if (collect($assessment['measurements'])->contains('provisional', true))<p class="quiet">{{ __('papers.summary.provisional') }}</p>@endif
<h2>{{ __('papers.summary.effusion') }}</h2>
@php($fluid = $assessment['effusion'])
<p>{{ $words->effusion($fluid) }}</p>
@foreach ($words->results($assessment['results']) as $label => $names)
<p><b>{{ $label }}:</b> {{ $names }}.</p>
@endforeach
<h2>{{ __('papers.summary.not_valid') }}</h2>
@if ($assessment['excluded'] === [])<p>{{ __('papers.summary.all_valid') }}</p>@else
<ul>@foreach ($assessment['excluded'] as $e)<li>{{ $words->sign($e['finding']) }} {{ $e['outcome'] }}: {{ $e['reason'] }}</li>@endforeach</ul>@endif
<h2>{{ __('papers.summary.not_answered') }}</h2>
@if ($plan['unanswered'] === [])<p>{{ __('papers.summary.nothing_left') }}</p>@else
<ul>@foreach ($plan['unanswered'] as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@if ($marked !== [])<h2>{{ __('papers.summary.marked') }}</h2><ul>@foreach ($marked as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@if ($assessment['earlierFinding'] !== [])<h2>{{ __('papers.summary.by_others') }}</h2><ul>@foreach ($assessment['earlierFinding'] as $earlier)<li>{{ $earlier['what'] }}{{ implode('', array_map(fn ($part) => $part ? ', '.$part : '', [$earlier['by'] ?? '', $earlier['on'] ?? ''])) }}</li>@endforeach</ul>@endif
@if ($assessment['remarks'] !== [])<h2>{{ __('papers.summary.remarks') }}</h2><ul>@foreach ($assessment['remarks'] as $remark)<li>{{ $remark['say'] }}</li>@endforeach</ul>@endif
@if ($assessment['alsoConsider'] !== [])<h2>{{ __('papers.summary.also') }}</h2><ul>@foreach ($assessment['alsoConsider'] as $other)<li>{{ $other['why'] }}</li>@endforeach</ul>@endif
{!! $isLong ? '</div><div>' : '</td><td class="half" style="padding-right: 0">' !!}
<h2>{{ __('papers.summary.plan') }}</h2>
@foreach ($plan['sendOn'] as $referral)<p><b>{{ $words->within($referral['within']) }}:</b> {{ $referral['to'] }}. <span class="quiet">{{ $referral['why'] }}@if ($referral['question'] !== '') {{ __('papers.summary.asked', ['question' => $referral['question']]) }}@endif</span></p>@endforeach
@if ($plan['sendOn'] === [])<p>{{ __('papers.summary.no_referral') }}</p>@endif
<p><b>{{ __('papers.summary.support') }}</b> {{ $words->support($plan['support']['type']) }}{{ $plan['support']['range'] === '' ? '' : ', '.$plan['support']['range'] }}{{ $plan['support']['crutches'] ? ', '.__('papers.summary.crutches') : '' }}. <span class="quiet">{{ $plan['support']['why'] }} {{ $plan['support']['cost'] }}</span></p>
@if ($plan['advice']['say'] !== [])<p><b>{{ __('papers.summary.meantime') }}</b> {{ implode(' ', $plan['advice']['say']) }}</p>@endif
@if ($plan['play'] !== 'not_asked')<p><b>{{ __('papers.summary.going_on') }}</b> {{ $words->play($plan['play']) }} <span class="quiet">{{ implode(' ', $plan['playWhy']) }}</span></p>@endif
<p><b>{{ __('papers.summary.availability') }}</b> {{ $plan['availability']['status'] }}.@if ($plan['availability']['notThis'] !== []) {{ __('papers.summary.not_allowed', ['activities' => implode(', ', $plan['availability']['notThis'])]) }} {{ __('papers.summary.allowed', ['activities' => implode(', ', $plan['availability']['thisYes'])]) }}@endif</p>
<p><b>{{ __('papers.summary.again') }}</b> {{ $plan['lookAgain'] === null ? __('papers.summary.none_needed') : $plan['lookAgain']['say'] }} @if ($plan['lookAgain'] !== null)<span class="quiet">{{ $plan['lookAgain']['why'] }} {{ $plan['lookAgain']['hours'] }}</span>@endif</p>
<h2>{{ __('papers.summary.athlete') }}</h2>
@foreach (explode("\n\n", $plan['forAthlete']) as $paragraph)<p>{!! preg_replace('/^(.*?)\n/', '<b>$1.</b> ', e($paragraph)) !!}</p>@endforeach
@if ($plan['forCoach'] !== '')<h2>{{ __('papers.summary.coach') }}</h2><p>{{ $plan['forCoach'] }}</p>@endif
{!! $isLong ? '</div>' : '</td></tr></table>' !!}
<div class="caution"><p>{{ __('papers.summary.judged_by', ['schools' => $words->judgedBy($frame['schools']), 'figures' => $assessment['evidence']['digest'], 'rules' => $assessment['rules']]) }}</p>
<p><b>{{ __('papers.summary.caution') }}</b> {{ __('papers.summary.local_rules') }}</p></div>
</body>
</html>
