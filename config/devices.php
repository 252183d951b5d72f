<?php

declare(strict_types=1);

return [
    // Where the stand-ins that ship with the application answer; bin/start sets these.
    'refractometer' => env('MARJORAM_REFRACTOMETER', 'http://127.0.0.1:8491'),
    'weather' => env('MARJORAM_WEATHER', 'http://127.0.0.1:8492'),
];
