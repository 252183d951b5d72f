<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/** What would come in from each yard, and between which days, before a schedule is searched. */
final readonly class BatchPicture
{
    private const LEFT = 168.0;

    private const WIDTH = 720.0;

    private const TOP = 30.0;

    private const ROW = 44.0;

    public function __construct(private Formatter $format)
    {
    }

    /**
     * @param  list<ReadySupers>  $batches
     * @param  non-empty-list<DateTimeImmutable>  $days
     */
    public function of(array $batches, array $days): Picture
    {
        $wide = (self::WIDTH - self::LEFT) / count($days);
        $height = self::TOP + self::ROW * count($batches) + 2.0;
        $canvas = new Canvas;
        foreach ($days as $d => $day) {
            $x = self::LEFT + $d * $wide;
            $canvas->line('rl', $x, 0.0, $x, $height);
            $number = $d === 0 ? $this->format->day($day) : $day->format('j');
            ChartParts::dayHead($canvas, $x, $wide, $wide > 24.0 ? __($day->format('D')) : '', $number);
        }
        $window = new DayWindow($days, self::LEFT, $wide);
        foreach ($batches as $row => $batch) {
            $y = self::TOP + self::ROW * $row;
            $this->batch($canvas, $batch, $y);
            $window->draw($canvas, $batch->dates, $batch->later, $y, self::ROW);
        }
        $label = __('Between which days the supers of each yard should come in');

        return new Picture(self::WIDTH, $height, $canvas->shapes(), $label);
    }

    private function batch(Canvas $canvas, ReadySupers $batch, float $y): void
    {
        $words = implode(', ', [
            trans_choice('{1} :count hive|[2,*] :count hives', count($batch->byHive)),
            trans_choice('{1} :count super|[2,*] :count supers', count($batch->supers())),
            '~'.$this->format->kg($batch->kg(), 0),
        ]);
        $canvas->line('rl', 0.0, $y, self::WIDTH, $y)
            ->text($batch->later ? 't14 b it' : 't14 b', 0.0, $y + 18.0, $batch->name())
            ->text('t12 soft', 0.0, $y + 34.0, $words);
    }
}
