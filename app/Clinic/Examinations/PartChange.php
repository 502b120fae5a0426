<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\Part;
use App\Platform\Audit\AuditEvent;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Document\Refusal;

/** What a save makes of one part of an examination. It is asked in the order in which its methods stand. */
interface PartChange
{
    public function part(): Part;

    public function save(): SaveRequest;

    /**
     * The document with the change in it.
     *
     * @param  Section|StoredRecord|null  $row  the part as it is stored; null: not yet
     *
     * @throws Refusal
     */
    public function applied(Document $document, Section|StoredRecord|null $row): Document;

    /**
     * @param  Assessment  $now  of the document with the change in it
     *
     * @throws Refusal|HeldRecord where it may not be stored
     */
    public function insistIsAllowed(Examination $examination, Assessment $now): void;

    /** Stores it in the examination, whose parts are at hand afterwards too. */
    public function store(Examination $examination, Section|StoredRecord|null $row): void;

    public function event(): AuditEvent;
}
