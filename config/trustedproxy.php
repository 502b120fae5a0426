<?php

declare(strict_types=1);

// Behind a TLS end of one's own: whose word on the visitor's address is taken.
return ['proxies' => array_filter(explode(',', (string) env('TRUSTED_PROXIES', '')))];
