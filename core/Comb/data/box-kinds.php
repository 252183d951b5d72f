<?php

declare(strict_types=1);

// Common dimensions (Langstroth; BS 1300; Dadant-Blatt), rounded; masses with drawn comb are common practice.
// key => name, frames, comb area of a side (dm2), inside width (mm), external height, length, width (mm), empty mass with drawn comb (kg)
return [
    'langstroth-deep-10' => ['Langstroth deep, 10 frames', 10, 9.07, 373.0, 244.0, 505.0, 413.0, 7.5],
    'langstroth-medium-10' => ['Langstroth medium, 10 frames', 10, 5.9, 373.0, 168.0, 505.0, 413.0, 5.2],
    'langstroth-shallow-10' => ['Langstroth shallow, 10 frames', 10, 4.9, 373.0, 146.0, 505.0, 413.0, 4.6],
    'langstroth-deep-8' => ['Langstroth deep, 8 frames', 8, 9.07, 311.0, 244.0, 505.0, 351.0, 6.2],
    'langstroth-medium-8' => ['Langstroth medium, 8 frames', 8, 5.9, 311.0, 168.0, 505.0, 351.0, 4.3],
    'british-national-deep-11' => ['British National brood box, 11 frames', 11, 6.8, 424.0, 225.0, 460.0, 460.0, 6.5],
    'british-national-super-10' => ['British National super, 10 frames', 10, 4.1, 424.0, 150.0, 460.0, 460.0, 4.5],
    'dadant-super-12' => ['Dadant (Blatt) super, 12 frames', 12, 6.1, 450.0, 170.0, 500.0, 500.0, 6.0],
    'dadant-brood-12' => ['Dadant (Blatt) brood box, 12 frames', 12, 11.5, 450.0, 320.0, 500.0, 500.0, 9.5],
];
