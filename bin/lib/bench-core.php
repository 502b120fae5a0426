<?php

declare(strict_types=1);

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;

require __DIR__.'/../../vendor/autoload.php';

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
memory_reset_peak_usage();
$assessor->assess($assessor->read($examination));
$figures[] = [
    'what' => 'memory of one assessment',
    'unit' => 'MiB',
    'median' => memory_get_peak_usage() / 1048576,
    'limit' => 32,
];
echo json_encode($figures, JSON_PRETTY_PRINT);
