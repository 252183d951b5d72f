<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveDrawing;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\JudgedSuper;
use App\Apiary\Hives\YardPicture;
use App\Apiary\Hives\YardReader;
use App\Apiary\Hives\YardState;
use App\Apiary\Operation\OperationCache;
use App\Drawing\Elevation;
use App\Drawing\ElevationPicture;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Models\Scopes;

/** Draws and lists a yard, cached until it changes: sixty hives are a large drawing. */
final readonly class BoardReader
{
    public function __construct(
        private YardReader $yards,
        private OperationCache $cache,
        private YardPicture $picture,
        private Formatter $format,
    ) {
    }

    public function of(Apiary $apiary): YardBoard
    {
        return $this->cache->of(
            "board.{$this->format->preferences->system}.$apiary->id",
            [Scopes::yard($apiary->id)],
            fn (): YardBoard => $this->make($this->yards->one($apiary)),
            $this->yards->context($apiary),
        );
    }

    /** The same smaller, for all yards under each other. */
    public function small(Apiary $apiary): YardGlance
    {
        return $this->cache->of(
            "glance.{$this->format->preferences->system}.$apiary->id",
            [Scopes::yard($apiary->id)],
            fn (): YardGlance => $this->glance($this->yards->one($apiary)),
            $this->yards->context($apiary),
        );
    }

    private function make(YardState $yard): YardBoard
    {
        $judged = static fn (BoxState $box): JudgedSuper => new JudgedSuper($box);

        return new YardBoard(
            count($yard->hives),
            $yard->ripe(),
            $yard->toLook(),
            $yard->flow->sentence(),
            $this->draw($yard, new Elevation, '#opened'),
            array_map($judged, $yard->worthALook()),
            array_map($judged, $yard->fromTheTop()),
        );
    }

    private function glance(YardState $yard): YardGlance
    {
        return new YardGlance(
            $yard->apiary->slug,
            $yard->apiary->name,
            $yard->toLook(),
            $yard->ripe(),
            $yard->flow->sentence(),
            $this->draw($yard, new Elevation(0.09), ''),
        );
    }

    private function draw(YardState $yard, Elevation $elevation, string $anchor): ElevationPicture
    {
        $slug = $yard->apiary->slug;
        $drawing = fn (HiveState $hive): HiveDrawing => new HiveDrawing(
            route('assess.hive', [$slug, $hive->code], false).$anchor,
            static fn (BoxState $box): string => route(
                'assess.hive',
                [$slug, $hive->code, 'box' => $box->id],
                false,
            ).$anchor,
            $this->picture->verdicts($hive, 2),
        );

        return $this->picture->of(
            $yard,
            __(':yard from the front', ['yard' => $yard->apiary->name]),
            $drawing,
            $elevation,
        );
    }
}
