<?php

declare(strict_types=1);

// What htmx is told in the head of every page: nothing is evaluated, and a refusal is shown like any other answer.
return [
    'allowEval' => false,
    'includeIndicatorStyles' => false,
    'responseHandling' => [
        ['code' => '[23]..', 'swap' => true],
        ['code' => '4..', 'swap' => true, 'error' => true],
        ['code' => '5..', 'swap' => false, 'error' => true],
    ],
];
