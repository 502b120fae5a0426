<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** Which set of figures is used. */
enum EvidenceChoice: string
{
    case Cautious = 'cautious';
    case FirstReports = 'first_reports';
    case Own = 'own';
}
