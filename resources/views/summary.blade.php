<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Knee examination, {{ $athlete->name }}</title>
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
<h1>{{ $athlete->name }} <span style="font-size: 9pt; font-weight: normal">{{ $examination->episode->is_baseline ? 'Baseline, both knees' : ucfirst($frame['hurtSide'] ?? '').' knee' }} · {{ $days->writtenWithTime($examination->examined_at) }} · seen by {{ $examination->examiner->name }}</span></h1>
<p>{{ $athlete->squad }}, no. {{ $athlete->number }}, {{ $frame['ageYears'] ?? '–' }} years · {{ isset($frame['daysSinceInjury']) ? "{$frame['daysSinceInjury']} days after the injury" : 'came on without an injury' }} · {{ $examination->isSigned() ? 'signed by '.($examination->signer->name ?? 'a former member').' on '.$days->writtenWithTime($examination->signed_at) : 'DRAFT, not signed' }}</p>
@if ($examination->superseding?->isSigned())<p class="b">This examination was replaced by a corrected one.</p>@endif
@if ($examination->supersedes_id)<p>It corrects an earlier signed examination.</p>@endif
@foreach ($examination->addenda as $addendum)<p><b>Added on {{ $days->writtenWithTime($addendum->created_at) }} by {{ $addendum->writer->name ?? 'a former member' }}:</b> {{ $addendum->words }}</p>@endforeach
@if ($examination->signed_ungated)<p class="b">Signed without a complete safety check: {{ $examination->signed_ungated }}</p>@endif
<h2>Safety</h2>
@forelse ($assessment['safety']['lines'] as $line)
<div class="line"><b>{{ $words->urgency($line['urgency']) }}</b> {{ $line['say'] }}</div>
@empty
<p>{{ $assessment['safety']['gateOpen'] ? 'The safety check is complete; no red flag.' : 'The safety check is not complete.' }}</p>
@endforelse
@if ($plan['afterOperation'] !== '')<h2>After the operation</h2><p class="b">{{ $plan['afterOperation'] }}</p>@endif
@if ($examination->episode->is_baseline)
<h2>Not weighed</h2><p>A baseline gives no probabilities: the base rates are for knees with a complaint.</p>
@else
<h2>Probabilities out of 100 similar knees</h2>
<table role="presentation"><tr><td class="chances">
<table>
<thead><tr><th>Condition</th><th class="n">Pre-test</th><th class="n">History</th><th class="n">Post-test</th><th class="n">95 % range</th><th>Zone</th><th class="n">Grade</th></tr></thead>
@foreach ($assessment['conditions'] as $c)
<tr><td>{{ ucfirst($conditions[$c['id']]) }}</td><td class="n">{{ $words->hundred($c['pretest']) }}</td><td class="n">{{ $words->hundred($c['afterStory']) }}</td><td class="n b">{{ $words->isAnswered($c) ? '' : $words->hundred($c['posttest']) }}</td><td class="n">{{ $words->isAnswered($c) ? '' : $words->range($c['interval']) }}</td><td class="{{ $c['zone'] === 'act' ? 'act' : '' }}">{{ $words->zone($c) }}</td><td class="n">{{ $c['grade'] ?? '–' }}</td></tr>
@endforeach
</table>
</td><td class="drawing">
<div class="knee"><img src="{{ $drawing->picture($zones) }}" alt="The {{ $frame['hurtSide'] ?? '' }} knee from above; its figures are those of the table">
@foreach ($drawing->labels($zones) as $label)
<p class="label" style="left: {{ 100 * $label['left'] }}%; top: {{ 100 * $label['top'] }}%; width: {{ 100 * $label['width'] }}%; color: {{ $label['colour'] }}"><b>{{ $figures[$label['id']] }}</b><br>{{ $label['short'] }}</p>
@endforeach
</div>
</td></tr></table>
@endif
{{-- A cell does not break over pages: what is longer than one stands in one column. --}}
{!! $isLong ? '<div>' : '<table role="presentation"><tr><td class="half">' !!}
<h2>Both knees</h2>
@if ($assessment['measurements'] === [])<p>Nothing was measured.</p>@else
<table>
<thead><tr><th>Manoeuvre</th><th class="n">Hurt</th><th class="n">Other</th><th class="n">Diff.</th><th class="n">Grade</th></tr></thead>
@foreach ($assessment['measurements'] as $m)
@if ($m['hurt'] !== null || $m['grade'] !== null)
<tr><td>{{ $words->manoeuvre($m['manoeuvre']) }}</td><td class="n">{{ $m['estimate'] ? 'by feel' : $words->figure($m['hurt'], $m['unit']) }}</td><td class="n">{{ $words->figure($m['other'], $m['unit']) }}{{ $m['comparedWith'] === 'baseline' ? '†' : '' }}</td><td class="n">{{ $words->difference($m) }}</td><td class="n">{{ $m['grade'] ?? '–' }}{{ $m['provisional'] ? '*' : '' }}</td></tr>
@endif
@endforeach
</table>
@endif
@if (collect($assessment['measurements'])->contains('comparedWith', 'baseline'))<p class="quiet">† compared with this knee’s own baseline, not with the other knee</p>@endif
@if (collect($assessment['measurements'])->contains('provisional', true))<p class="quiet">* provisional, without the other knee</p>@endif
<h2>Effusion</h2>
@php($fluid = $assessment['effusion'])
<p>{{ $fluid === null ? 'Not tested.' : ($fluid['positive'] ? 'Positive' : 'Not positive').($fluid['millilitres'] === null ? '' : ', '.$fluid['millilitres'][0].($fluid['millilitres'][1] === null ? ' ml or more' : ' to '.$fluid['millilitres'][1].' ml')).($fluid['bloodLikely'] ? ', blood likely.' : '.') }}</p>
@foreach ($words->results($assessment['results']) as $label => $names)
<p><b>{{ $label }}:</b> {{ $names }}.</p>
@endforeach
<h2>Not valid, with the reason</h2>
@if ($assessment['excluded'] === [])<p>All recorded results are valid.</p>@else
<ul>@foreach ($assessment['excluded'] as $e)<li>{{ $words->sign($e['finding']) }} {{ $e['outcome'] }}: {{ $e['reason'] }}</li>@endforeach</ul>@endif
<h2>Not answered</h2>
@if ($plan['unanswered'] === [])<p>Nothing is left to answer.</p>@else
<ul>@foreach ($plan['unanswered'] as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@if ($marked !== [])<h2>Marked</h2><ul>@foreach ($marked as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@if ($assessment['earlierFinding'] !== [])<h2>Findings by others</h2><ul>@foreach ($assessment['earlierFinding'] as $earlier)<li>{{ $earlier['what'] }}{{ implode('', array_map(fn ($part) => $part ? ', '.$part : '', [$earlier['by'] ?? '', $earlier['on'] ?? ''])) }}</li>@endforeach</ul>@endif
@if ($assessment['remarks'] !== [])<h2>Remarks</h2><ul>@foreach ($assessment['remarks'] as $remark)<li>{{ $remark['say'] }}</li>@endforeach</ul>@endif
@if ($assessment['alsoConsider'] !== [])<h2>Also consider</h2><ul>@foreach ($assessment['alsoConsider'] as $other)<li>{{ $other['why'] }}</li>@endforeach</ul>@endif
{!! $isLong ? '</div><div>' : '</td><td class="half" style="padding-right: 0">' !!}
<h2>Plan</h2>
@foreach ($plan['sendOn'] as $referral)<p><b>{{ $words->within($referral['within']) }}:</b> {{ $referral['to'] }}. <span class="quiet">{{ $referral['why'] }}@if ($referral['question'] !== '') Asked: {{ $referral['question'] }}@endif</span></p>@endforeach
@if ($plan['sendOn'] === [])<p>No referral indicated.</p>@endif
<p><b>Support:</b> {{ $words->support($plan['support']['type']) }}{{ $plan['support']['range'] === '' ? '' : ', '.$plan['support']['range'] }}{{ $plan['support']['crutches'] ? ', with crutches' : '' }}. <span class="quiet">{{ $plan['support']['why'] }} {{ $plan['support']['cost'] }}</span></p>
@if ($plan['advice']['say'] !== [])<p><b>In the meantime:</b> {{ implode(' ', $plan['advice']['say']) }}</p>@endif
@if ($plan['play'] !== 'not_asked')<p><b>Going on today:</b> {{ $words->play($plan['play']) }} <span class="quiet">{{ implode(' ', $plan['playWhy']) }}</span></p>@endif
<p><b>Availability:</b> {{ $plan['availability']['status'] }}.@if ($plan['availability']['notThis'] !== []) Not: {{ implode(', ', $plan['availability']['notThis']) }}. Yes: {{ implode(', ', $plan['availability']['thisYes']) }}.@endif</p>
<p><b>Re-examine:</b> {{ $plan['lookAgain'] === null ? 'None needed.' : $plan['lookAgain']['say'] }} @if ($plan['lookAgain'] !== null)<span class="quiet">{{ $plan['lookAgain']['why'] }} {{ $plan['lookAgain']['hours'] }}</span>@endif</p>
<h2>For the athlete</h2>
@foreach (explode("\n\n", $plan['forAthlete']) as $paragraph)<p>{!! preg_replace('/^(.*?)\n/', '<b>$1.</b> ', e($paragraph)) !!}</p>@endforeach
@if ($plan['forCoach'] !== '')<h2>For the coach</h2><p>{{ $plan['forCoach'] }}</p>@endif
{!! $isLong ? '</div>' : '</td></tr></table>' !!}
<div class="caution"><p>Judged by: {{ $words->judgedBy($frame['schools']) }}; figures version {{ $assessment['evidence']['digest'] }}, rules version {{ $assessment['rules'] }}.</p>
<p><b>Chances, not a diagnosis.</b> For a licensed practitioner; local rules and scope of practice come first. The figures are a starting set, not yet checked against the papers.</p></div>
</body>
</html>
