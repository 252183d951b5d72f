<?php

declare(strict_types=1);

// Viscosity of honey of 16.1 % water in poise by temperature in degrees C: White (1975), in Crane, Honey: a
// comprehensive survey; from memory.
return [[13.7, 600.0], [20.6, 189.6], [29.0, 68.4], [39.4, 21.4], [48.1, 10.7], [71.1, 2.6]];
