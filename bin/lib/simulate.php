<?php

declare(strict_types=1);

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Simulation\Dice;
use GrayCompass\Core\Simulation\KneeMaker;
use GrayCompass\Core\Simulation\Tally;
use GrayCompass\Core\Simulation\VisitsRun;

require __DIR__.'/../../vendor/autoload.php';

if (($argv[1] ?? '') === '--visits') {
    [$knees, $seed] = [max(1, (int) ($argv[2] ?? 2000)), (int) ($argv[3] ?? 20261201)];
    $data = new Figures;
    foreach ([false, true] as $heals) {
        $run = new VisitsRun($data, new Assessor($data), new Dice($seed), $heals);
        $run->examine($knees);
        echo $heals ? "\n== Soreness that heals\n" : "== {$knees} knees, two visits\n", $run->text();
    }
    exit(0);
}
$knees = max(1, (int) ($argv[1] ?? 3000));
$seed = (int) ($argv[2] ?? 20261126);
$data = new Figures;
$assessor = new Assessor($data);
foreach ([false, true] as $further) {
    $maker = KneeMaker::of($data, new Dice($seed));
    $tally = new Tally;
    for ($at = 0; $at < $knees; $at++) {
        $knee = $maker->knee($further);
        $tally->take($knee, $assessor->assess($assessor->read($knee->decoded())));
    }
    echo $further ? "\n== Core set and five further tests\n" : "== Core set\n", $tally->text();
}
