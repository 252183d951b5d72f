<?php

declare(strict_types=1);

// Lochhead (1933), Zentralblatt fuer Bakteriologie II 88; from memory.
// Upper bound of the class (% water, belongs to it), liability to ferment.
return [
    [17.1, 'safe regardless of yeast count'],
    [18.0, 'safe if yeast count is under 1000 per g'],
    [19.0, 'safe if yeast count is under 10 per g'],
    [20.0, 'safe if yeast count is under 1 per g'],
    [100.0, 'always in danger'],
];
