<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Days\Lifts;
use App\Apiary\Hives\YardReader;
use App\Apiary\Overview\ComingReader;
use App\Models\Apiary;

/** Reads what comes off one yard, how, and when. */
final readonly class ClearReader
{
    public function __construct(
        private YardReader $yards,
        private ComingReader $coming,
        private MethodReader $methods,
    ) {
    }

    public function of(Apiary $apiary): YardClearing
    {
        $yard = $this->yards->one($apiary);
        $coming = $this->coming->of($apiary);

        return new YardClearing($yard, $coming, $this->methods->compare($apiary, $coming), Lifts::of($yard));
    }
}
