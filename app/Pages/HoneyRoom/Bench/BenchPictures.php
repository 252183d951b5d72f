<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Bench;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Models\JarFill;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\Batches\TankPicture;
use Illuminate\Support\Collection;
use Marjoram\Core\HoneyRoom\RoomAssumptions;

/** What stands at each station of the bench, drawn on one line. */
final readonly class BenchPictures
{
    private const WIDTH = 240.0;

    private const FLOOR = 118.0;

    private const HEIGHT = 126.0;

    private const SUPER_W = 34.0;

    private const SUPER_H = 13.0;

    private const HIGH = 7;

    public function __construct(private Formatter $format, private TankPicture $tanks)
    {
    }

    /** Supers that are here stand in stacks; those that are awaited are dashed. */
    public function door(Bench $bench): Picture
    {
        $canvas = new Canvas;
        $x = self::stacks($canvas, $bench->at(Station::Door), 4.0, 'cap');
        self::stacks($canvas, $bench->at(Station::Awaited), $x, null);

        return $this->picture($canvas, __('At the door: :here here, :awaited awaited', [
            'here' => $bench->at(Station::Door)->count(),
            'awaited' => $bench->at(Station::Awaited)->count(),
        ]));
    }

    /** Stacks of the warm room: hatched while they are too wet, honey when they are ready. */
    public function warm(Bench $bench): Picture
    {
        $canvas = new Canvas;
        $x = 4.0;
        foreach ($bench->drying as $stack) {
            $x = self::stacks($canvas, $stack->supers, $x, $stack->isReady() ? 'cap' : 'opn');
        }
        $canvas->path('ws', 'M4 18q12-10 24 0t24 0t24 0M4 8q12-10 24 0t24 0t24 0');

        return $this->picture($canvas, __('In the warm room: :n', ['n' => $bench->at(Station::Dry)->count()]));
    }

    public function extractor(Bench $bench): Picture
    {
        $canvas = new Canvas;
        $canvas->path('bk', 'M60 26h120v80q0 12-12 12h-96q-12 0-12-12z')->path('bk', 'M120 26v-18h34');
        $frames = $bench->running === null ? 0 : $bench->running->frames->count();
        for ($i = 0; $i < min(8, $frames); $i++) {
            $canvas->rect('cap', 70.0 + 13.0 * $i, 42.0, 8.0, 56.0);
        }
        if ($frames === 0) {
            $canvas->text('t14 soft', 120.0, 76.0, __('empty'), 'middle');
        }

        return $this->picture($canvas, __('In the extractor: :n frames', ['n' => $frames]));
    }

    /** Wet supers drip; beside them the buckets, filled to what they hold. */
    public function drip(Bench $bench): Picture
    {
        $canvas = new Canvas;
        $x = self::stacks($canvas, $bench->at(Station::Spun)->take(18), 4.0, 'slot');
        foreach (array_slice($bench->buckets, 0, 8) as $i => $kg) {
            $floor = $i < 4 ? self::FLOOR : self::FLOOR - 52.0;
            self::bucket($canvas, max($x + 6.0, 4.0) + 34.0 * ($i % 4), $floor, $kg);
        }

        return $this->picture($canvas, __('Wet: :n; in buckets: :kg', [
            'n' => $bench->at(Station::Spun)->count(),
            'kg' => $this->format->kg($bench->bucketsKg()),
        ]));
    }

    public function settling(Bench $bench): Picture
    {
        return $this->tanks->of($bench->batches);
    }

    public function shelf(Bench $bench): Picture
    {
        $canvas = new Canvas;
        foreach ($bench->jars->take(6) as $i => $fill) {
            [$x, $y] = [6.0 + 78.0 * ($i % 3), $i < 3 && $bench->jars->count() > 3 ? 56.0 : self::FLOOR];
            self::jar($canvas, $x, $y, $fill);
            $canvas->text('t14 b', $x + 32.0, $y - 12.0, '× '.$fill->onShelf());
        }
        if ($bench->jars->count() > 3) {
            $canvas->line('joint', 0.0, 57.0, self::WIDTH, 57.0);
        }

        return $this->picture($canvas, __('On the shelf: :n jars', ['n' => $bench->jarsOnShelf()]));
    }

    /**
     * @param  Collection<int, TakenSuper>  $supers
     * @param  ?string  $class  null: outlined only
     * @return float where the next stack may stand
     */
    private static function stacks(Canvas $canvas, Collection $supers, float $x, ?string $class): float
    {
        $full = $outline = '';
        $frames = 0;
        $at = 0;
        foreach ($supers as $super) {
            if ($super->isFrame()) {
                $frames++;

                continue;
            }
            $left = $x + (self::SUPER_W + 6.0) * intdiv($at, self::HIGH);
            $top = self::FLOOR - self::SUPER_H * ($at % self::HIGH + 1);
            $at++;
            $outline .= Canvas::box($left, $top, self::SUPER_W, self::SUPER_H);
            $full .= Canvas::box($left + 2.0, $top + 2.0, self::SUPER_W - 4.0, self::SUPER_H - 3.0);
        }
        $x += (self::SUPER_W + 6.0) * ceil($at / self::HIGH);
        $lying = '';
        for ($i = 0; $i < min(24, $frames); $i++) {
            $lying .= Canvas::box($x + 4.0 * $i, self::FLOOR - 26.0, 2.4, 26.0);
        }
        $canvas->path($class === null ? 'bxo dash' : 'bxo', $outline);
        if ($class !== null) {
            $canvas->path($class, $full.$lying);
        } elseif ($lying !== '') {
            $canvas->path('bxo dash', $lying);
        }

        return $x + ($frames > 0 ? 4.0 * min(24, $frames) + 8.0 : 0.0);
    }

    private static function bucket(Canvas $canvas, float $x, float $floor, float $kg): void
    {
        $height = min(1.0, $kg / (new RoomAssumptions)->bucketKg) * 38.0;
        $canvas->rect('cap', $x + 2.0, $floor - $height, 24.0, $height)
            ->path('bk', Canvas::at('M', $x, $floor - 42.0).'l2 42h24l2-42z');
    }

    private static function jar(Canvas $canvas, float $x, float $floor, JarFill $fill): void
    {
        $high = min(44.0, 24.0 + $fill->kind->net_g / 25.0);
        $canvas->rect('cap', $x + 1.0, $floor - $high + 6.0, 24.0, $high - 7.0)
            ->path('bk', Canvas::at('M', $x, $floor - $high + 4.0).'h26v'.round($high - 4.0, 1).'h-26z')
            ->path('bk', Canvas::at('M', $x + 2.0, $floor - $high).'h22v4h-22z');
    }

    private function picture(Canvas $canvas, string $label): Picture
    {
        $canvas->line('gnd', 0.0, self::FLOOR, self::WIDTH, self::FLOOR);

        return new Picture(self::WIDTH, self::HEIGHT, $canvas->shapes(), $label, 'part station');
    }
}
