<?php

declare(strict_types=1);

// ICUMSA sucrose scale; from memory. Degrees Brix (g per 100 g), refractive index at 20 C.
return [
    [60.0, 1.44193],
    [65.0, 1.45348],
    [70.0, 1.46546],
    [75.0, 1.47787],
    [80.0, 1.49071],
    [85.0, 1.50398],
];
