<?php

declare(strict_types=1);

// Viscosity of honey at 25 C in poise by its water in %: White (1975), in Crane, Honey: a comprehensive survey; from
// memory.
return [
    [13.7, 420.0],
    [14.2, 269.0],
    [15.5, 138.0],
    [17.1, 69.0],
    [18.2, 48.1],
    [19.1, 34.9],
    [20.2, 20.4],
    [21.5, 13.6],
];
