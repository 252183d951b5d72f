<?php

declare(strict_types=1);

namespace App\Yards;

use App\Drawing\Elevation;
use App\Drawing\ElevationPicture;
use App\Models\Apiary;
use App\Operation\Computed;
use App\Support\Units\Formatter;
use App\YardState\BoxState;
use App\YardState\HiveDrawing;
use App\YardState\HiveState;
use App\YardState\YardPicture;
use App\YardState\YardReader;

/** Yards as they are drawn where they are kept: once for each change of them. */
final readonly class YardDrawings
{
    private const SMALL = 0.075;

    public function __construct(
        private Computed $computed,
        private YardReader $yards,
        private YardPicture $picture,
        private Formatter $format,
    ) {
    }

    /** Its hives and boxes lead to where they are kept. */
    public function large(Apiary $apiary): ElevationPicture
    {
        return $this->keep($apiary, 'large', new Elevation, '#hive');
    }

    public function small(Apiary $apiary): ElevationPicture
    {
        return $this->keep($apiary, 'small', new Elevation(self::SMALL, marks: false), '');
    }

    private function keep(Apiary $apiary, string $size, Elevation $elevation, string $anchor): ElevationPicture
    {
        return $this->computed->ofYard(
            $apiary->id,
            "kept-$size.".$this->format->preferences->system,
            fn (): ElevationPicture => $this->draw($apiary, $elevation, $anchor),
            $this->yards->context($apiary),
        );
    }

    private function draw(Apiary $apiary, Elevation $elevation, string $anchor): ElevationPicture
    {
        $drawing = static function (HiveState $hive) use ($apiary, $anchor): HiveDrawing {
            $link = route('yards.hive', [$apiary->slug, $hive->code], false);

            return new HiveDrawing(
                $link.$anchor,
                static fn (BoxState $box): string => $anchor === '' ? $link : "$link?box=$box->id#hand",
            );
        };
        $label = __('Elevation of :yard', ['yard' => $apiary->name]);

        return $this->picture->of($this->yards->one($apiary), $label, $drawing, $elevation);
    }
}
