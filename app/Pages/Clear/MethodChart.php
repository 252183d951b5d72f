<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Words\Wording;
use DateTimeInterface;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\MethodOutcome;

/** The methods of one yard over its days: each visit a stake, boards lie between two. Weather stands on top. */
final readonly class MethodChart
{
    private const LEFT = 150.0;

    private const WIDTH = 712.0;

    private const TOP = 62.0;

    private const ROW = 44.0;

    public function __construct(private Formatter $format, private Wording $wording)
    {
    }

    public function of(YardClearing $clearing): Picture
    {
        $days = $clearing->compared->forecast;
        $height = self::TOP + self::ROW * count($clearing->compared->methods);
        $pitch = (self::WIDTH - self::LEFT) / max(1, count($days));
        $canvas = new Canvas;
        $unit = ['unit' => $this->format->temperatureUnit()];
        $canvas->text('t12 soft', 0.0, 49.0, __('nights and days, :unit', $unit));
        foreach ($days as $i => $day) {
            $this->day($canvas, $day, self::LEFT + $i * $pitch, $pitch, $height);
        }
        foreach ($clearing->compared->methods as $i => $method) {
            $y = self::TOP + $i * self::ROW;
            $canvas->line('rl', 0.0, $y, self::WIDTH, $y);
            $this->method($canvas, $method, $y, $days, $pitch, $i === 0);
        }
        $offBy = $clearing->coming->treatment;
        if ($offBy !== null && $days !== [] && $offBy >= $days[0]->date && $offBy <= $days[count($days) - 1]->date) {
            $x = self::x($offBy, $days, $pitch) + 0.5 * $pitch;
            $canvas->line('lim', $x, 0.0, $x, $height);
        }

        return new Picture(self::WIDTH, $height, $canvas->shapes(), __('Methods of clearing by day'));
    }

    private function day(Canvas $canvas, DayForecast $day, float $x, float $pitch, float $height): void
    {
        if ((int) $day->date->format('N') >= 6) {
            $canvas->rect('wk', $x, 0.0, $pitch, $height);
        }
        $glyph = match (true) {
            $day->rainP > 0.5 => 'w-rain',
            $day->sun > 0.6 => 'w-sun',
            $day->sun > 0.3 => 'w-half',
            default => 'w-cloud',
        };
        $middle = $x + 0.5 * $pitch;
        $degrees = fn (float $c): string => Formatter::number($this->format->temperatureValue($c), 0);
        $canvas->text('t12', $middle, 13.0, __($day->date->format('D')).' '.$day->date->format('j'), 'middle')
            ->glyph($glyph, '', $middle - 8.0, 18.0, 16.0)
            ->text('t12 wx', $middle, 49.0, $degrees($day->minC).'–'.$degrees($day->maxC), 'middle');
    }

    /** @param  list<DayForecast>  $days */
    private function method(
        Canvas $canvas,
        MethodOutcome $one,
        float $y,
        array $days,
        float $pitch,
        bool $isFirst,
    ): void {
        $chosen = $isFirst && $one->feasible();
        $canvas->glyph('v-'.Wording::glyph($one->method), 'gl'.($chosen ? ' gr' : ''), 2.0, $y + 8.0, 16.0)
            ->text('t14'.($chosen ? ' b' : ''), 26.0, $y + 21.0, $this->wording->method($one->method));
        if ($one->refusal !== null) {
            $words = $this->wording->statement($one->refusal);
            $canvas->text('t13 soft it', self::LEFT + 4.0, $y + 24.0, $words);

            return;
        }
        $canvas->text('t12 soft', 26.0, $y + 37.0, $this->format->minutes($one->personMinutes));
        $first = self::x($one->visits[0], $days, $pitch);
        $last = self::x($one->visits[count($one->visits) - 1], $days, $pitch);
        if ($last > $first) {
            $canvas->rect('mbar', $first, $y + 27.0, $last - $first, 5.0);
            self::stake($canvas, $first, $y, 'v-board');
        }
        self::stake($canvas, $last, $y, 'v-take');
    }

    private static function stake(Canvas $canvas, float $x, float $y, string $glyph): void
    {
        $canvas->line('stake', $x, $y + 8.0, $x, $y + 34.0)->glyph($glyph, 'gl plan', $x + 4.0, $y + 7.0, 14.0);
    }

    /** @param  list<DayForecast>  $days */
    private static function x(DateTimeInterface $date, array $days, float $pitch): float
    {
        $since = round(($date->getTimestamp() - $days[0]->date->getTimestamp()) / 86400.0);

        return self::LEFT + ($since + 0.5) * $pitch;
    }
}
