<?php

declare(strict_types=1);

return [
    'search' => [
        'unknown' => 'this search has no such parameter',
        'whole' => 'expected a whole number',
        'date' => 'expected a date such as ge2026-03-14',
        'patient' => 'expected the patient, such as Patient/01a2320f-24d2-0983-b25f-519165159ce1',
    ],
];
