<?php

declare(strict_types=1);

// bin/lib/judge-cases.php HOW_MANY SEED: questions for the core and what PHP on the server answers, a JSON object a line:
// every example, every golden weighing, random documents, and some that are refused.

use GrayCompass\Core\Judge;
use GrayCompass\Core\Tests\Support\RandomDocuments;
use GrayCompass\Inference\Tests\Support\SeededFigures;

require __DIR__.'/../../vendor/autoload.php';

[, $many, $seed] = $argv;
chdir(__DIR__.'/../..');
$judge = new Judge;
$ask = static function (string $name, array|object $question) use ($judge): void {
    $text = json_encode($question, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    echo json_encode(['name' => $name, 'question' => json_decode($text), 'answer' => json_decode($judge->answer($text))],
        JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE), "\n";
};
foreach (glob('examples/*.json') ?: [] as $file) {
    $ask(basename($file), ['assess' => json_decode((string) file_get_contents($file))]);
}
foreach (glob('packages/inference/data/golden/*.json') ?: [] as $file) {
    $golden = json_decode((string) file_get_contents($file));
    $problem = $golden->input ?? $golden;
    $ask(basename($file), ['weigh' => $problem]);
    $ask('weigh-up of '.basename($file), [
        'weighUp' => $problem, 'condition' => $problem->conditions[0]->id ?? '', 'order' => [],
    ]);
}
$figures = new SeededFigures((int) $seed);
for ($number = 1; $number <= (int) $many; $number++) {
    $ask("random document {$number}", ['assess' => RandomDocuments::one($figures)]);
}
$counts = ['truePositive' => 85, 'falsePositive' => 6, 'falseNegative' => 15, 'trueNegative' => 94];
$ask('rates of counts', ['rates' => ['counts' => $counts]]);
$ask('rates of ratios', ['rates' => ['ratios' => ['positive' => 10.5, 'negative' => 0.2]]]);
$ask('rates of no test', ['rates' => ['counts' => [...$counts, 'truePositive' => 0, 'falseNegative' => 0]]]);
foreach (['touchline', 'clinic_core'] as $route) {
    foreach ([null, 0, 12, 90] as $days) {
        $ask("begin {$route} after {$days} days", ['begin' => [
            'route' => $route, 'daysSinceInjury' => $days, 'ageYears' => 58, 'ofTeam' => $days === 90 ? 'older_knee' : null,
        ]]);
    }
}
$ask('no document', ['assess' => new stdClass]);
$ask('a wrong side', ['assess' => [...(array) json_decode((string) file_get_contents('examples/touchline-go.json')), 'hurtSide' => 'middle']]);
$ask('no question', new stdClass);
