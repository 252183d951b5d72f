<?php

declare(strict_types=1);

/*
 * The stages of the harvest in their order, with the words of their tabs; and what each has to do next at a yard, as
 * the desk shows it.
 */
return [
    'names' => [
        'watch' => 'Watch',
        'assess' => 'Assess',
        'winter' => 'Winter',
        'clear' => 'Clear',
        'honey-room' => 'Honey room',
        'compare' => 'Compare',
    ],
    // Their files in routes/stages, and those of the pages beside them. The first address that fits is taken.
    'routes' => [
        'desk',
        'field',
        'watch',
        'assess',
        'winter',
        'rounds',
        'weather',
        'day',
        'frames',
        'clear',
        'honey-room',
        'compare',
        'yards',
        'calibrate',
        'practise',
        'account',
    ],
    'tasks' => [
        App\Pages\Watch\FlowTasks::class,
        App\Pages\Assess\LookTasks::class,
        App\Pages\Clear\ClearingTasks::class,
        App\Pages\Clear\FollowUpTasks::class,
        App\Pages\Winter\FeedTasks::class,
    ],
];
