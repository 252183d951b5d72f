<?php

declare(strict_types=1);

return [
    // Where real ones answer, for everybody in this installation. Without a setting a stand-in answers, and has written
    // its port into this folder.
    'refractometer' => env('MARJORAM_REFRACTOMETER'),
    'room' => env('MARJORAM_ROOM'),
    'scale' => env('MARJORAM_SCALE'),
    'weather' => env('MARJORAM_WEATHER'),
    'ports' => env('MARJORAM_PORTS', base_path('var/run')),
    // Where an instrument that a person enters may stand beside the stand-ins. Nowhere by default: anybody may sign up,
    // and could reach what stands beside the server. "private" allows the house's own network; hosts and host:port may
    // be named with commas between.
    'allowed' => env('MARJORAM_INSTRUMENTS', ''),
];
