<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use DateTimeImmutable;
use GrayCompass\Core\Fhir\BundleReader;
use GrayCompass\Core\Fhir\BundleWriter;
use GrayCompass\Core\Fhir\CodeSystems;
use GrayCompass\Core\Fhir\Labels;
use GrayCompass\Core\Fhir\Parties;
use GrayCompass\Core\Fhir\Party;
use GrayCompass\Core\Fhir\ReadBundle;
use GrayCompass\Core\Fhir\ReadRecord;
use GrayCompass\Core\Fhir\RecordReader;
use GrayCompass\Core\Fhir\ReferenceReader;
use GrayCompass\Core\Fhir\ReferenceResult;
use GrayCompass\Core\Fhir\ReferenceWriter;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Core\Wire\ExaminationReader;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * The door through which examinations leave as FHIR R4 bundles, and come back.
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class Bundles
{
    /** The most that a bundle may weigh, in bytes: 5 MiB. */
    public const MAX_BYTES = 5_242_880;

    private BundleWriter $writer;

    private BundleReader $reader;

    private ReferenceWriter $references;

    private RecordReader $records;

    public CodeSystems $codeSystems;

    private Assessor $assessor;

    public function __construct(Figures $figures = new Figures, Terms $terms = new Terms)
    {
        $labels = new Labels($figures->catalogue(), $figures->words(), $figures->questions());
        $this->assessor = new Assessor($figures);
        $this->writer = new BundleWriter($labels, $terms);
        $this->codeSystems = new CodeSystems($labels, $terms);
        $this->references = new ReferenceWriter($labels, $terms);
        $this->reader = new BundleReader($labels, $terms, new ExaminationReader(
            $figures->catalogue(),
            $figures->facts(),
            $figures->schools(),
            $figures->routes(),
        ));
        $this->records = new RecordReader($this->reader, new ReferenceReader($terms));
    }

    /**
     * A document alone, judged by the figures shipped: its Patient has no birth date.
     *
     * @param  mixed  $document  decoded JSON, objects as objects
     * @return array{resourceType: string, type: string, entry: list<array{fullUrl: string, resource: Element}>}
     *
     * @throws Refusal naming the first place of the document that cannot be accepted
     */
    public function ofDocument(mixed $document): array
    {
        $assessment = $this->assessor->assess($this->assessor->read($document));
        $written = Json::read(Json::write(AssessmentWriter::write($assessment)), self::MAX_BYTES);
        \assert($document instanceof stdClass && $written instanceof stdClass);

        return $this->of($document, $written);
    }

    /**
     * @param  stdClass  $document  accepted by the core before
     * @param  stdClass  $assessment  its assessment, as it was written
     * @param  Parties  $parties  who was examined, and by whom; without: what the document says
     * @return array{resourceType: string, type: string, entry: list<array{fullUrl: string, resource: Element}>}
     */
    public function of(stdClass $document, stdClass $assessment, Parties $parties = new Parties): array
    {
        return $this->writer->write($document, $assessment, $parties);
    }

    /**
     * Entries for a bundle of one athlete.
     *
     * @return list<array{fullUrl: string, resource: Element}>
     */
    public function ofReferenceResult(ReferenceResult $result, Party $patient): array
    {
        return $this->references->write($result, $patient);
    }

    /**
     * @param  mixed  $bundle  decoded JSON, objects as objects
     * @param  DateTimeImmutable  $today  nothing in the bundle may have happened later
     *
     * @throws Refusal naming the element of the bundle
     */
    public function read(mixed $bundle, DateTimeImmutable $today): ReadBundle
    {
        return $this->reader->read($bundle, $today);
    }

    /**
     * All examinations and reference results of a bundle, of one athlete or several.
     *
     * @param  mixed  $bundle  decoded JSON, objects as objects
     * @param  DateTimeImmutable  $today  nothing in the bundle may have happened later
     *
     * @throws Refusal where the bundle as a whole is none; what is wrong with one of them stands with it
     */
    public function readRecord(mixed $bundle, DateTimeImmutable $today): ReadRecord
    {
        return $this->records->read($bundle, $today);
    }
}
