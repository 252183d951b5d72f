<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Models\TakenSuper;

/** The supers of a lot as they stand in the warm room: whose honey is dry, whose is not, and who was not read. */
final readonly class StackPicture
{
    private const WIDTH = 712.0;

    private const BOX_W = 148.0;

    private const BOX_H = 34.0;

    private const HIGH = 4;

    private const PITCH = 176.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(DryingStack $stack): Picture
    {
        $count = $stack->supers->count();
        $rows = min(self::HIGH, max(1, $count));
        $floor = 8.0 + $rows * self::BOX_H;
        $columns = max(1, (int) ceil($count / self::HIGH));
        $canvas = new Canvas;
        foreach ($stack->supers->values() as $i => $super) {
            $x = 4.0 + self::PITCH * intdiv($i, self::HIGH);
            $this->super($canvas, $super, $x, $floor - self::BOX_H * ($i % self::HIGH + 1), $stack->limitPct);
        }
        $canvas->line('gnd', 0.0, $floor, max(self::WIDTH, self::PITCH * $columns), $floor);
        $label = trans_choice('{1} :count super in the warm room|[2,*] :count supers in the warm room', $count);

        return new Picture(max(self::WIDTH, self::PITCH * $columns), $floor + 6.0, $canvas->shapes(), $label);
    }

    private function super(Canvas $canvas, TakenSuper $super, float $x, float $y, float $limitPct): void
    {
        $water = $super->readings->last()?->water_pct;
        $class = match (true) {
            $water === null => 'slot',
            $water <= $limitPct => 'cap',
            default => 'opn',
        };
        $canvas->path($water === null ? 'bxo dash' : 'bxo', Canvas::box($x, $y, self::BOX_W, self::BOX_H))
            ->rect($class, $x + 2.0, $y + 2.0, self::BOX_W - 4.0, self::BOX_H - 4.0)
            ->text('t16 b halo2', $x + 8.0, $y + 23.0, $super->title())
            ->text(
                't16 halo2',
                $x + self::BOX_W - 8.0,
                $y + 23.0,
                $water === null ? __('not read') : $this->format->water($water),
                'end',
            );
    }
}
