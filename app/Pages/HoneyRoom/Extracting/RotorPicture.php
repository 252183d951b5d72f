<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use Marjoram\Core\Rotor\Wheel;

/** The rotor seen from above: each frame in its slot, as thick as it is heavy, and where it pulls. */
final readonly class RotorPicture
{
    private const SIZE = 380.0;

    private const MIDDLE = 190.0;

    private const RADIUS = 128.0;

    private const FULL_G = 3200.0;

    /** So many slots have room for words. */
    private const WORDED = 12;

    public function __construct(private Formatter $format)
    {
    }

    /** @param  array<int, RotorSlot>  $slots  by their number, from 1 */
    public function of(int $count, array $slots): Picture
    {
        $canvas = new Canvas;
        $canvas->circle('drum', self::MIDDLE, self::MIDDLE, 182.0)
            ->circle('drum in', self::MIDDLE, self::MIDDLE, 14.0);
        for ($n = 1; $n <= $count; $n++) {
            $this->slot($canvas, $count, $n, $slots[$n] ?? null);
        }
        $masses = [];
        foreach ($slots as $n => $slot) {
            $masses[$n - 1] = $slot->grams;
        }
        [$x, $y] = (new Wheel($count))->sum($masses);
        $off = hypot($x, $y);
        if ($off > 1.0) {
            $long = min(96.0, 14.0 + 0.08 * $off);
            $this->arrow($canvas, self::turned($x, $y), $long);
        }
        $label = __('The extractor from above: :n frames, :g g out of balance', [
            'n' => count($slots),
            'g' => number_format($off),
        ]);
        $size = ['width' => self::SIZE, 'height' => self::SIZE];

        return new Picture(self::SIZE, self::SIZE, $canvas->shapes(), $label, 'part rotor', false, $size);
    }

    private function slot(Canvas $canvas, int $count, int $n, ?RotorSlot $slot): void
    {
        $turn = 2.0 * M_PI * ($n - 1) / $count - 0.5 * M_PI;
        $long = min(74.0, 2.2 * M_PI * self::RADIUS / $count * 0.8);
        $thick = $slot === null ? 6.0 : 8.0 + 30.0 * min(1.0, $slot->grams / self::FULL_G);
        [$x, $y] = [self::MIDDLE + self::RADIUS * cos($turn), self::MIDDLE + self::RADIUS * sin($turn)];
        $degrees = round(rad2deg($turn) + 90.0, 1);
        $class = match (true) {
            $slot === null => 'slo dash',
            $slot->isSpare => 'slot comb',
            $slot->fresh => 'opn comb',
            default => 'cap comb',
        };
        $turned = ['transform' => 'rotate('.$degrees.' '.round($x, 1).' '.round($y, 1).')'];
        $canvas->within('g', $turned, static fn (Canvas $in) => $in
            ->rect($class, $x - 0.5 * $long, $y - 0.5 * $thick, $long, $thick));
        $canvas->text('t16 b halo2', $x, $y + 6.0, (string) $n, 'middle');
        if ($slot !== null && $count <= self::WORDED) {
            $at = self::RADIUS - 52.0;
            $canvas->text(
                't16 halo2',
                self::MIDDLE + $at * cos($turn),
                self::MIDDLE + $at * sin($turn) + 4.0,
                $this->format->kg($slot->grams / 1000.0),
                'middle',
            );
        }
    }

    /** @return float direction in the drawing, whose first slot is on top */
    private static function turned(float $x, float $y): float
    {
        return atan2($y, $x) - 0.5 * M_PI;
    }

    private function arrow(Canvas $canvas, float $turn, float $long): void
    {
        [$x, $y] = [self::MIDDLE + $long * cos($turn), self::MIDDLE + $long * sin($turn)];
        $head = Canvas::at('M', $x, $y)
            .Canvas::at('L', $x - 10.0 * cos($turn - 0.5), $y - 10.0 * sin($turn - 0.5))
            .Canvas::at('L', $x - 10.0 * cos($turn + 0.5), $y - 10.0 * sin($turn + 0.5)).'z';
        $canvas->line('pull', self::MIDDLE, self::MIDDLE, $x, $y)->path('pull head', $head);
    }
}
