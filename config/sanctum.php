<?php

declare(strict_types=1);

// Tokens of programs alone: whoever has signed in at a page is not signed in as a program by that.
return [
    'routes' => false,
    'stateful' => [],
    'guard' => [],
    'expiration' => null,
    'token_prefix' => 'marjoram_',
];
