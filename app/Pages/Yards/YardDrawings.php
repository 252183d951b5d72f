<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveDrawing;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardPicture;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\OperationCache;
use App\Drawing\Elevation;
use App\Drawing\ElevationPicture;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Scopes;

/** Yards as they are drawn where they are kept: once for each change of them. */
final readonly class YardDrawings
{
    private const SMALL = 0.075;

    public function __construct(
        private OperationCache $cache,
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
        return $this->cache->of(
            "kept-$size.{$this->format->preferences->system}.$apiary->id",
            [Scopes::yard($apiary->id)],
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
        $label = __(':yard from the front', ['yard' => $apiary->name]);

        return $this->picture->of($this->yards->one($apiary), $label, $drawing, $elevation);
    }
}
