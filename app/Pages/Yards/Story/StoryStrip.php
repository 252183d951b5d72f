<?php

declare(strict_types=1);

namespace App\Pages\Yards\Story;

use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Picture;
use DateTimeImmutable;

/** The story of a hive as one strip: months across, what happened in lanes under each other. */
final readonly class StoryStrip
{
    private const WIDTH = 1000.0;

    private const LEFT = 84.0;

    private const LANE = 22.0;

    private const SUPER = 5.0;

    /** Words closer than this to those before are left out: the mark still stands. */
    private const ROOM = 64.0;

    /** About the width of a letter. */
    private const LETTER = 7.0;

    public function of(HiveStory $story, string $code): Picture
    {
        $canvas = new Canvas;
        $span = max(1, (int) $story->from->diff($story->to)->days);
        $x = static fn (DateTimeImmutable $on): float => self::LEFT
            + (self::WIDTH - self::LEFT - 10.0) * (int) $story->from->diff($on)->days / $span;
        $y = 18.0;
        $rows = self::rows($story->supers);
        $high = self::SUPER * ($rows === [] ? 0 : 1 + max($rows));
        $bottom = $y + ($high > 0.0 ? $high + 10.0 : 0.0) + self::LANE * count($story->lanes);
        $this->months($canvas, $story, $x, $bottom);
        if ($story->supers !== []) {
            $canvas->text('t12 soft', 0.0, $y + 0.5 * $high + 4.0, __('supers'));
            foreach ($story->supers as $i => [$from, $to]) {
                $top = $y + $high - self::SUPER * ($rows[$i] + 1);
                $canvas->rect('crop', $x($from), $top, max(2.0, $x($to) - $x($from)), self::SUPER - 1.0);
            }
            $y += $high + 10.0;
        }
        foreach ($story->lanes as $name => $marks) {
            $this->lane($canvas, (string) $name, $marks, $x, $y + 0.5 * self::LANE);
            $y += self::LANE;
        }

        return new Picture(self::WIDTH, $bottom + 4.0, $canvas->shapes(), __('The last fourteen months of :hive', [
            'hive' => $code,
        ]));
    }

    /**
     * Each super in the lowest row that is free when it comes.
     *
     * @param  list<array{DateTimeImmutable, DateTimeImmutable}>  $supers
     * @return list<int>
     */
    private static function rows(array $supers): array
    {
        $rows = $until = [];
        foreach ($supers as [$from, $to]) {
            $row = 0;
            while (isset($until[$row]) && $until[$row] > $from) {
                $row++;
            }
            $until[$row] = $to;
            $rows[] = $row;
        }

        return $rows;
    }

    /** @param  callable(DateTimeImmutable): float  $x */
    private function months(Canvas $canvas, HiveStory $story, callable $x, float $bottom): void
    {
        $month = $story->from->modify('first day of next month');
        while ($month <= $story->to) {
            $canvas->line('rl', $x($month), 14.0, $x($month), $bottom);
            if ($x($month) < self::WIDTH - 28.0) {
                $canvas->text('t12 soft', $x($month) + 3.0, 10.0, __($month->format('M')));
            }
            $month = $month->modify('+1 month');
        }
    }

    /**
     * @param  list<StoryMark>  $marks
     * @param  callable(DateTimeImmutable): float  $x
     */
    private function lane(Canvas $canvas, string $name, array $marks, callable $x, float $y): void
    {
        $canvas->text('t12 soft', 0.0, $y + 4.0, $name);
        ChartParts::rule($canvas, self::LEFT, self::WIDTH, $y);
        $free = -INF;
        foreach ($marks as $mark) {
            $at = $x($mark->on);
            $canvas->circle('h-wet', $at, $y, 4.0);
            if ($mark->words !== '' && $at > $free) {
                // Near the right edge the words stand before their mark.
                $isLate = $at + 7.0 + self::LETTER * mb_strlen($mark->words) > self::WIDTH;
                [$beside, $anchor] = $isLate ? [$at - 7.0, 'end'] : [$at + 7.0, 'start'];
                $canvas->text('t12 halo2', $beside, $y + 4.0, $mark->words, $anchor);
                $free = $at + self::ROOM;
            }
        }
    }
}
