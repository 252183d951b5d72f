<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Foundation\Units\MassAxis;
use Illuminate\Support\Collection;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Yields\Merit\QueenAdvice;

/** Queens one under the other as ranges: thick half of the time, thin in nine of ten; no point, for none is known. */
final readonly class RankPicture
{
    private const LEFT = 150.0;

    private const WIDTH = 712.0;

    private const RIGHT = 600.0;

    private const ROW = 24.0;

    private const TOP = 26.0;

    public function __construct(private Formatter $format)
    {
    }

    /**
     * @param  Collection<array-key, KnownQueen>  $queens  with merits, in their order
     * @param  callable(KnownQueen): string  $link
     * @param  callable(float): float  $kg  what a merit is in kg
     */
    public function of(Collection $queens, callable $link, callable $kg): Picture
    {
        $ends = $queens->flatMap(static fn (KnownQueen $one): array => $one->merit === null ? [] : [
            $kg($one->merit->merit - Normal::NINETY * $one->merit->sd),
            $kg($one->merit->merit + Normal::NINETY * $one->merit->sd),
        ]);
        $most = max(5.0, (float) $ends->max(), -(float) $ends->min());
        $scale = (self::RIGHT - self::LEFT) / (2.0 * $most);
        $x = static fn (float $value): float => self::LEFT + ($kg($value) + $most) * $scale;
        $canvas = new Canvas;
        $height = self::TOP + self::ROW * $queens->count() + 8.0;
        foreach (MassAxis::between($this->format, -$most, $most)->ticks as [$kgs, $label]) {
            $at = self::LEFT + ($kgs + $most) * $scale;
            $canvas->line(abs($kgs) < 1e-9 ? 'ymean' : 'rl', $at, 18.0, $at, $height)
                ->text('t12 soft', $at, 12.0, ($kgs > 1e-9 ? '+' : '').$label, 'middle');
        }
        foreach ($queens->values() as $i => $queen) {
            if ($queen->merit !== null) {
                $this->row($canvas, $queen, $link($queen), self::TOP + self::ROW * $i, $x);
            }
        }
        $canvas->text('t12 soft', self::RIGHT + 14.0, 12.0, __(':unit against her yard', ['unit' => $this->format->massUnit()]))
            ->text('t12 soft', 0.0, 12.0, __('queen, hive'));

        return new Picture(self::WIDTH, $height, $canvas->shapes(), __('Queens by their yield'), hasLinks: true);
    }

    /** @param  callable(float): float  $x */
    private function row(Canvas $canvas, KnownQueen $queen, string $href, float $y, callable $x): void
    {
        $merit = $queen->merit;
        assert($merit !== null);
        $words = __(':queen, :hive: :advice', [
            'queen' => $queen->code,
            'hive' => $queen->hive ?? __('gone'),
            'advice' => __($merit->advice->value),
        ]);
        $inside = function (Canvas $canvas) use ($queen, $merit, $y, $x, $words): void {
            $middle = $y + 0.5 * self::ROW;
            [$thin, $thick] = [Normal::NINETY * $merit->sd, Normal::FIFTY * $merit->sd];
            [$from, $to] = [$x($merit->merit - $thin), $x($merit->merit + $thin)];
            [$low, $high] = [$x($merit->merit - $thick), $x($merit->merit + $thick)];
            $canvas->title($words)
                ->rect('hit', 0.0, $y, self::WIDTH, self::ROW)
                ->text('t14 b', 0.0, $middle + 5.0, $queen->code)
                ->text('t13 soft', self::LEFT - 8.0, $middle + 5.0, (string) $queen->hive, 'end')
                ->line('whisk', $from, $middle, $to, $middle)
                ->rect($merit->advice === QueenAdvice::Unknown ? 'st2' : 'st1', $low, $middle - 4.0, $high - $low, 8.0)
                ->text('t13', self::RIGHT + 10.0, $middle + 5.0, $queen->mark?->mark->words() ?? __($merit->advice->value));
        };
        $canvas->link($href, $words, $inside);
    }
}
