<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveDrawing;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardPicture;
use App\Apiary\Hives\YardReader;
use App\Apiary\Hives\YardState;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Winter\HiveWinter;
use App\Apiary\Winter\WinterReader;
use App\Drawing\Elevation;
use App\Drawing\ElevationPicture;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Scopes;

/** Draws and sums a yard's winter, cached until it changes. */
final readonly class WinterBoardReader
{
    public function __construct(
        private OperationCache $cache,
        private YardReader $yards,
        private WinterReader $winter,
        private YardPicture $picture,
        private Formatter $format,
    ) {
    }

    public function of(Apiary $apiary): WinterBoard
    {
        return $this->cache->of(
            "winter-board.{$this->format->preferences->system}.$apiary->id",
            [Scopes::yard($apiary->id)],
            fn (): WinterBoard => $this->make($this->yards->one($apiary)),
            $this->winter->context($apiary),
        );
    }

    private function make(YardState $yard): WinterBoard
    {
        $winters = $this->winter->read($yard);
        $season = $this->winter->season($yard->apiary);
        $widest = Elevation::LEAST_MM;
        foreach ($winters as $winter) {
            foreach ($winter->state->boxes as $box) {
                $widest = max($widest, $box->fitted->kind->externalWidthMm);
            }
        }

        return new WinterBoard(
            array_map(WinterRow::of(...), $winters),
            $this->draw($yard, $winters),
            $widest,
            $yard->toLook(),
            $season->isTimeToFeed() ? null : $season->feedFrom(),
            $season->whole->coolsBelow(WinterBoard::FEED_ABOVE_C, $season->today),
        );
    }

    /** @param  array<string, HiveWinter>  $winters */
    private function draw(YardState $yard, array $winters): ElevationPicture
    {
        $slug = $yard->apiary->slug;
        $drawing = static function (HiveState $hive) use ($winters, $slug): HiveDrawing {
            $link = route('winter.hive', [$slug, $hive->code], false);
            $winter = $winters[$hive->code] ?? null;

            return new HiveDrawing(
                $link,
                static fn (BoxState $box): string => $link,
                reserveAfter: $winter?->boxesBelow(),
                boxes: $winter?->inOrder(),
            );
        };
        $label = __(':yard from the front, with the line of winter stores needed', ['yard' => $yard->apiary->name]);

        return $this->picture->of($yard, $label, $drawing);
    }
}
