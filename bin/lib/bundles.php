<?php

declare(strict_types=1);

// bin/lib/bundles.php HOW_MANY SEED: the FHIR bundles of all examples and of random documents, a JSON object a line with
// the assessment beside it.

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Tests\Support\RandomDocuments;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Inference\Tests\Support\SeededFigures;

require __DIR__.'/../../vendor/autoload.php';

[, $many, $seed] = $argv;
chdir(__DIR__.'/../..');
$bundles = new Bundles;
$assessor = new Assessor;
$write = static function (string $name, mixed $document) use ($bundles, $assessor): void {
    echo json_encode([
        'name' => $name,
        'assessment' => AssessmentWriter::write($assessor->assess($assessor->read($document))),
        'bundle' => $bundles->ofDocument($document),
    ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE), "\n";
};
foreach (glob('examples/*.json') ?: [] as $file) {
    $write(basename($file, '.json'), json_decode((string) file_get_contents($file)));
}
$figures = new SeededFigures((int) $seed);
for ($number = 1; $number <= (int) $many; $number++) {
    $write("random document {$number}", json_decode((string) json_encode(RandomDocuments::one($figures))));
}
