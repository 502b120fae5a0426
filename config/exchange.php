<?php

declare(strict_types=1);

return [
    // The address before the names of this server's own code systems, identifiers and extensions in FHIR.
    'fhir_base' => env('FHIR_BASE', GrayCompass\Core\Fhir\Terms::DEFAULT_BASE),

    // A file that adds codes of other terminologies to what is exported in FHIR; see docs/exchange.md. Empty: none.
    'fhir_codings' => env('FHIR_CODINGS', ''),

    // Hosts that webhooks may call, with commas between them, each with a port or without; * for every public one over
    // https. Empty: none, and nobody can add a webhook.
    'webhook_hosts' => env('WEBHOOK_HOSTS', ''),

    // Where referrals can be sent: the base address of a server of FHIR R4, and the token that it asks for. Empty: nowhere.
    'hospital' => env('HOSPITAL', ''),
    'hospital_token' => env('HOSPITAL_TOKEN', ''),

    // Addresses at which instruments answer, with commas between them, such as http://127.0.0.1:8139. Pages may listen there
    // and nowhere else. Empty: no instruments.
    'instruments' => array_values(array_filter(array_map('trim', explode(',', (string) env('INSTRUMENTS', ''))))),
];
