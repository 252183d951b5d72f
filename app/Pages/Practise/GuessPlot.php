<?php

declare(strict_types=1);

namespace App\Pages\Practise;

use App\Drawing\Canvas;
use App\Drawing\Picture;

/** Guess across, truth up; on the line they are the same. */
final readonly class GuessPlot
{
    private const LEFT = 40.0;

    private const FLOOR = 210.0;

    private const SIDE = 200.0;

    public function __construct(private float $from, private float $to)
    {
    }

    /**
     * @param  list<array{float, float}>  $pairs  truth and guess, on the axis's own scale
     * @param  (callable(float): float)|null  $corrected  where a guess would be put
     */
    public function of(array $pairs, string $words, ?callable $corrected = null): Picture
    {
        $canvas = (new Canvas)->path('rl2', 'M40 10v200h200')->path('rl', 'M40 210L240 10');
        foreach ([0.0, 0.5, 1.0] as $part) {
            $label = $this->label($this->from + $part * ($this->to - $this->from));
            $canvas->text('t12 soft', self::LEFT + self::SIDE * $part, 226.0, $label, 'middle')
                ->text('t12 soft', 36.0, 214.0 - self::SIDE * $part, $label, 'end');
        }
        $line = '';
        for ($i = 1; $corrected !== null && $i < 20; $i++) {
            $at = $i / 20.0;
            $line .= Canvas::at(
                $line === '' ? 'M' : 'L',
                self::LEFT + $this->px($at),
                self::FLOOR - $this->px($corrected($at)),
            );
        }
        $canvas->path('mline', $line);
        foreach ($pairs as [$truth, $guess]) {
            $canvas->circle('gf gl', self::LEFT + $this->within($guess), self::FLOOR - $this->within($truth), 3.0);
        }
        $canvas->text('t12 soft', 140.0, 244.0, __('your estimate'), 'middle')
            ->text('t12 soft', 46.0, 20.0, __('truth'));

        return new Picture(280.0, 250.0, $canvas->shapes(), $words, 'practise-plot');
    }

    private function px(float $value): float
    {
        return ($value - $this->from) / ($this->to - $this->from) * self::SIDE;
    }

    private function within(float $value): float
    {
        return min(self::SIDE, max(0.0, $this->px($value)));
    }

    private function label(float $value): string
    {
        return $this->to <= 1.0 ? round(100.0 * $value).' %' : round($value, 1).' %';
    }
}
