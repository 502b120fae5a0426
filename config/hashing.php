<?php

declare(strict_types=1);

// About 0.15 s on two shared cores: dear for an attacker who guesses, short enough to hide in the fixed time of an answer.
return ['driver' => 'argon2id', 'argon' => ['memory' => 47104, 'time' => 1, 'threads' => 1]];
