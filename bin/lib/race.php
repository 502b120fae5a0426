<?php

declare(strict_types=1);

// Weighs and assesses the same inputs with this checkout and with another one, turn by turn in one process, so that
// both meet the same weather. The argument is the other checkout's folder.

use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;

require __DIR__.'/../../vendor/autoload.php';

const RIVAL = 'Rival\\';
const ROUNDS = 400;

[$root, $other] = [dirname(__DIR__, 2), rtrim($argv[1] ?? '', '/')];
if (! is_dir("{$other}/core/src")) {
    fwrite(STDERR, "gray-compass: there is no other checkout in '{$other}'\n");
    exit(1);
}

/** A folder of the other checkout under a name of its own, so that both can be loaded side by side. */
function rename_folder(string $from, string $to): void
{
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($from, FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        $target = $to.substr((string) $file, strlen($from));
        is_dir(dirname($target)) || mkdir(dirname($target), 0777, true);
        file_put_contents(
            $target,
            preg_replace('/\bGrayCompass(?=\\\\)/', 'Rival', (string) file_get_contents((string) $file)),
        );
    }
}

function median(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

foreach (['Core' => 'core', 'Document' => 'packages/document', 'Inference' => 'packages/inference'] as $room => $folder) {
    if (is_dir("{$other}/{$folder}/src")) {
        rename_folder("{$other}/{$folder}/src", "{$root}/var/race/{$room}");
    }
}
// The core reads its data beside its source.
rename_folder("{$other}/core/data", "{$root}/var/race/data");
spl_autoload_register(static function (string $class) use ($root): void {
    $file = "{$root}/var/race/".str_replace('\\', '/', substr($class, strlen(RIVAL))).'.php';
    if (str_starts_with($class, RIVAL) && is_file($file)) {
        require $file;
    }
});

// Before the arithmetic had a package of its own, it was a room of the core.
[$weighing, $reader] = class_exists(RIVAL.'Inference\\Weighing')
    ? [RIVAL.'Inference\\Weighing', RIVAL.'Inference\\Wire\\ProblemReader']
    : [RIVAL.'Core\\Weighing\\Weighing', RIVAL.'Core\\Weighing\\ProblemReader'];
$weigh = [
    'here' => static fn (mixed $input): mixed => Weighing::of(ProblemReader::read($input)),
    'there' => static fn (mixed $input): mixed => [$weighing, 'of']([$reader, 'read']($input)),
];
$assess = [];
foreach (['here' => 'GrayCompass\\Core\\', 'there' => RIVAL.'Core\\'] as $name => $room) {
    $assessor = new ($room.'Assessor');
    $assess[$name] = static fn (mixed $input): mixed => [$room.'Wire\\AssessmentWriter', 'write'](
        $assessor->assess($assessor->read($input)),
    );
}
// As in an assessment: what is believed before any result is known already, where the checkout keeps it.
$kept = [];
foreach (['here' => 'GrayCompass\\', 'there' => RIVAL] as $name => $room) {
    $assessor = new ($room.'Core\\Assessor');
    $read = $assessor->read(json_decode((string) file_get_contents("{$root}/examples/whole-clinic-route.json")));
    $weighed = $assessor->assess($read)->weighed;
    $of = $room.'Inference\\Weighing::of';
    $known = (new ReflectionMethod($of))->getNumberOfParameters() > 1 ? [$weighed->before] : [];
    $kept[$name] = static fn (mixed $_): mixed => $of($weighed->problem, ...$known);
}
$examination = static fn (string $name): mixed => json_decode(
    (string) file_get_contents("{$root}/examples/{$name}.json"),
);
$inputs = [
    'whole clinic route, read and weighed' => [
        json_decode((string) file_get_contents("{$root}/examples/weighing/whole-clinic-route.json")),
        1,
        null,
        $weigh,
    ],
    'golden 5, read and weighed' => [
        json_decode((string) file_get_contents("{$root}/packages/inference/data/golden/5-intervals.json"))->input,
        8,
        null,
        $weigh,
    ],
    'whole clinic route, weighed in an assessment' => [null, 1, 0.72, $kept],
    'whole clinic route, assessed' => [$examination('whole-clinic-route'), 1, 0.82, $assess],
    'fresh cruciate tear, assessed' => [$examination('fresh-cruciate-tear'), 1, 0.82, $assess],
    'posterolateral corner, day 24, assessed' => [$examination('posterolateral-corner'), 1, 0.82, $assess],
];
printf("%-46s %10s %10s %14s %10s\n", '', 'here', 'there', 'here to there', 'at most');
foreach ($inputs as $what => [$input, $repeats, $aim, $runners]) {
    $times = ['here' => [], 'there' => []];
    for ($round = -30; $round < ROUNDS; $round++) {
        foreach ($runners as $name => $run) {
            $start = hrtime(true);
            for ($again = 0; $again < $repeats; $again++) {
                $run($input);
            }
            $times[$name][] = (hrtime(true) - $start) / 1e6 / $repeats;
        }
    }
    [$here, $there] = [median(array_slice($times['here'], 30)), median(array_slice($times['there'], 30))];
    printf("%-46s %7.3f ms %7.3f ms %14.2f %10s\n", $what, $here, $there, $here / $there, $aim ?? '');
}
