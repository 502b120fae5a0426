<?php

declare(strict_types=1);

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;

require __DIR__.'/../../vendor/autoload.php';

/** Wall time of one call in milliseconds. */
function time_ms(callable $call): float
{
    $start = hrtime(true);
    $call();

    return (hrtime(true) - $start) / 1e6;
}

/** Median wall time of a call in milliseconds. */
function median_ms(callable $call, int $runs): float
{
    for ($warm = 0; $warm < 20; $warm++) {
        $call();
    }
    $times = [];
    for ($run = 0; $run < $runs; $run++) {
        $start = hrtime(true);
        $call();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[intdiv($runs, 2)];
}

$examination = json_decode((string) file_get_contents(__DIR__.'/../../examples/whole-clinic-route.json'));
$assessor = new Assessor;

// A full case: nine conditions, twelve associations, 32 results with intervals, 20 candidates.
$full = ProblemReader::read(json_decode((string) file_get_contents(
    __DIR__.'/../../examples/weighing/whole-clinic-route.json',
)));
$golden = ProblemReader::read(
    json_decode((string) file_get_contents(__DIR__.'/../../packages/inference/data/golden/5-intervals.json'))->input,
);
$figures = [
    [
        'what' => 'weighing a full case',
        'unit' => 'ms',
        'median' => median_ms(static fn () => Weighing::of($full), 300),
        'limit' => 4,
    ],
    [
        'what' => 'weighing golden 5',
        'unit' => 'ms',
        'median' => median_ms(static fn () => Weighing::of($golden), 1000),
        'limit' => 0.2,
    ],
    [
        'what' => 'a full assessment of an examination',
        'unit' => 'ms',
        'median' => median_ms(static fn () => $assessor->assess($assessor->read($examination)), 200),
        'limit' => 10,
    ],
    [
        'what' => 'the same, written as a document',
        'unit' => 'ms',
        'median' => median_ms(
            static fn () => json_encode(AssessmentWriter::write($assessor->assess($assessor->read($examination)))),
            200,
        ),
        'limit' => null,
    ],
];
// The same knee late in a season, an MRI, an X-ray and an arthroscopy behind it, and twelve visits: as a knee is looked at
// again, and each of them as long as today's.
$again = ['effusion_sweep', 'passive_extension', 'flexion_range', 'posterior_sag', 'lachman', 'valgus_30', 'varus_30', 'joint_line_palpation'];
$looks = static fn (array $manoeuvres): array => array_values(array_filter(
    $examination->findings,
    static fn (object $one): bool => $manoeuvres === [] || in_array($one->manoeuvre, $manoeuvres, true),
));
$look = static fn (string $by, array $results): object => (object) [
    'by' => $by, 'on' => '2026-11-20', 'daysAgo' => 10, 'episode' => 'this', 'results' => (object) $results,
];
foreach ([['twelve earlier visits', $again, 1.5], ['twelve whole earlier examinations', [], null]] as [$what, $manoeuvres, $limit]) {
    $late = clone $examination;
    $late->earlier = array_map(static fn (int $ago): object => (object) [
        'examinedOn' => date('Y-m-d', strtotime('2026-11-30') - 86400 * $ago), 'daysAgo' => $ago, 'findings' => $looks($manoeuvres),
    ], [3, 10, 20, 35, 60, 90, 120, 150, 180, 200, 220, 240]);
    $late->known = [
        $look('mri', ['acl' => 'present', 'medial_meniscus' => 'absent']), $look('xray', ['acl' => 'absent']),
        $look('arthroscopy', ['lateral_meniscus' => 'present']),
    ];
    // Turn by turn, so that both meet the same machine.
    $alone = $behind = [];
    for ($turn = 0; $turn < 80; $turn++) {
        $alone[] = time_ms(static fn () => $assessor->assess($assessor->read($examination)));
        $behind[] = time_ms(static fn () => $assessor->assess($assessor->read($late)));
    }
    sort($alone);
    sort($behind);
    $figures[] = [
        'what' => "an assessment with {$what} and three known results, to one without",
        'unit' => 'times',
        'median' => $behind[40] / $alone[40],
        'limit' => $limit,
    ];
}
memory_reset_peak_usage();
$assessor->assess($assessor->read($examination));
$figures[] = [
    'what' => 'memory of one assessment',
    'unit' => 'MiB',
    'median' => memory_get_peak_usage() / 1048576,
    'limit' => 32,
];
echo json_encode($figures, JSON_PRETTY_PRINT);
