<?php

declare(strict_types=1);

// White (1975), in Crane, Honey: a comprehensive survey; from memory. Water (%), density at 20 C (kg/l).
return [
    [13.0, 1.4457],
    [14.0, 1.4404],
    [15.0, 1.435],
    [16.0, 1.4295],
    [17.0, 1.4237],
    [18.0, 1.4171],
    [19.0, 1.4101],
    [20.0, 1.4027],
    [21.0, 1.395],
];
