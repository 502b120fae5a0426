<?php

declare(strict_types=1);

// bin/lib/bundles.php HOW_MANY SEED: the FHIR bundles of all examples and of random documents, a JSON object a line with
// the assessment beside it.

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\Parties;
use GrayCompass\Core\Fhir\Party;
use GrayCompass\Core\Fhir\Signature;
use GrayCompass\Core\Tests\Support\RandomDocuments;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Inference\Tests\Support\SeededFigures;

require __DIR__.'/../../vendor/autoload.php';

[, $many, $seed] = $argv;
chdir(__DIR__.'/../..');
$bundles = new Bundles;
$assessor = new Assessor;
$write = static function (string $name, mixed $document, ?Parties $parties = null) use ($bundles, $assessor): void {
    $assessment = AssessmentWriter::write($assessor->assess($assessor->read($document)));
    echo json_encode([
        'name' => $name,
        'assessment' => $assessment,
        'bundle' => $parties === null ? $bundles->ofDocument($document)
            : $bundles->of($document, json_decode((string) json_encode($assessment)), $parties),
    ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE), "\n";
};
foreach (glob('examples/*.json') ?: [] as $file) {
    $write(basename($file, '.json'), json_decode((string) file_get_contents($file)));
}
$examiner = new Party('01kbdr00000000000000000003', ['name' => [['text' => 'Ada Thornquist']]]);
$write('signed in a record', json_decode((string) file_get_contents('examples/whole-clinic-route.json')), new Parties(
    new Party('01kbdr00000000000000000001', ['name' => [['text' => 'Edda Sollund']], 'birthDate' => '2004-05-06']),
    $examiner,
    new Party('01kbdr00000000000000000002', ['name' => 'Fenmoor Indoor Sports Club']),
    new Signature($examiner, '2026-03-14T10:00:00Z', hash('sha256', 'what was signed')),
    '%PDF-1.7 a summary',
));
$figures = new SeededFigures((int) $seed);
for ($number = 1; $number <= (int) $many; $number++) {
    $write("random document {$number}", json_decode((string) json_encode(RandomDocuments::one($figures))));
}
