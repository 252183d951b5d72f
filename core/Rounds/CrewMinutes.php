<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Clearing\MethodTable;

/** What the visits take of the crew together, method by method, and in which weather supers are opened. */
final readonly class CrewMinutes
{
    /**
     * @param  float  $mostRainOpen  chance of rain from which brush and blower stay at home, 0 to 1
     * @param  float  $coldC  the night must be colder where supers come off in the cold
     */
    public function __construct(
        public BoardWork $board,
        public FumeWork $fume,
        public OpenWork $blower,
        public OpenWork $brush,
        public float $mostRainOpen,
        public OpenWork $byFrame = new OpenWork(5.0, 0.0, 7.5),
        public OpenWork $cold = new OpenWork(10.0, 0.0, 2.0),
        public float $coldC = 8.0,
    ) {
    }

    /** @param  int  $crew  people that share the table's person-minutes, 1 or more */
    public static function of(MethodTable $table = new MethodTable, int $crew = 2): self
    {
        return new self(
            BoardWork::of($table->board, $crew),
            FumeWork::of($table->fume, $crew),
            OpenWork::of($table->blower, $crew),
            OpenWork::of($table->brush, $crew),
            $table->mostRainOpen,
            OpenWork::of($table->byFrame, $crew),
            OpenWork::of($table->cold, $crew),
            $table->coldC,
        );
    }
}
