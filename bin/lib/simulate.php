<?php

declare(strict_types=1);

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Simulation\Dice;
use GrayCompass\Core\Simulation\KneeMaker;
use GrayCompass\Core\Simulation\Tally;

require __DIR__.'/../../vendor/autoload.php';

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
