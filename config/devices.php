<?php

declare(strict_types=1);

return [
    // Where the stand-ins that ship with the application answer; bin/start sets these.
    'refractometer' => env('MARJORAM_REFRACTOMETER', 'http://127.0.0.1:8491'),
    'room' => env('MARJORAM_ROOM', 'http://127.0.0.1:8493'),
    'scale' => env('MARJORAM_SCALE', 'http://127.0.0.1:8494'),
    'weather' => env('MARJORAM_WEATHER', 'http://127.0.0.1:8492'),
    // Where an instrument may stand: "private" for the house's own network, or hosts and host:port with commas between,
    // or nothing. Whoever serves others leaves it empty, or they could reach what stands beside the server.
    'allowed' => env('MARJORAM_INSTRUMENTS', 'private'),
];
