<?php

declare(strict_types=1);

// Water in % that honey comes to in air of a relative humidity in %: Martin (1958), as tabulated by Crane, Honey: a
// comprehensive survey (1975); from memory.
return [[50.0, 15.9], [55.0, 16.8], [60.0, 18.3], [65.0, 20.9], [70.0, 24.2], [75.0, 28.3], [80.0, 33.1]];
