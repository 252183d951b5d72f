<?php

declare(strict_types=1);

namespace App\Rounds;

/**
 * Within a row of days: between which of them supers should come in, what sets the last one, and from when nothing
 * flowers. Used by the plan's picture and before there is a plan.
 */
final readonly class DayWindow
{
    /** @param  list<string>  $dates */
    public function __construct(private array $dates, private float $left, private float $wide)
    {
    }

    /**
     * @param  array{ready: string, deadline: string, treatment?: ?string, flow_ends?: ?string, later?: bool}  $yard
     */
    public function svg(array $yard, float $y, float $height): string
    {
        $from = $this->place($yard['ready']);
        $to = $this->place($yard['deadline']);
        $out = sprintf(
            '<rect class="window%s" x="%.1f" y="%.1f" width="%.1f" height="%.1f"/>',
            $yard['later'] ?? false ? ' later' : '',
            $this->x($from),
            $y + 3.0,
            max(0.0, $this->x($to + 1) - $this->x($from)),
            $height - 6.0,
        );
        $treatment = $yard['treatment'] ?? null;
        if ($treatment !== null && in_array($treatment, $this->dates, true)) {
            $x = $this->x($this->place($treatment) + 1) - 2.0;
            $out .= sprintf(
                '<g class="flag"><title>%4$s</title><path d="M%1$.1f %2$.1fv%3$.1fM%1$.1f %5$.1fh-9l3 4l-3 4h9"/></g>',
                $x,
                $y + 2.0,
                $height - 4.0,
                e(__('supers off for treatment')),
                $y + 4.0,
            );
        }
        $flow = $yard['flow_ends'] ?? null;
        if ($flow !== null && $flow <= $this->dates[count($this->dates) - 1]) {
            $x = $this->x($this->place($flow));
            $out .= sprintf(
                '<path class="dearth" d="M%.1f %.1fH%.1f"><title>%s</title></path>',
                $x,
                $y + $height - 2.5,
                $this->x(count($this->dates)),
                e(__('nothing flowers: robbers are about')),
            );
            // A flower that hangs its head.
            $out .= in_array($flow, $this->dates, true)
                ? sprintf(
                    '<g class="flag"><title>%3$s</title><path d="M%1$.1f %2$.1fv-12q0 -7 6 -7q5 0 5 6m-4 -2l4 4l4 -4"/></g>',
                    $x + 3.0,
                    $y + $height - 4.0,
                    e(__('end of the flow')),
                )
                : '';
        }

        return $out;
    }

    /** Before the first day it is 0; after the last, the last. */
    private function place(string $date): int
    {
        $before = count(array_filter($this->dates, static fn (string $day): bool => $day < $date));

        return min($before, count($this->dates) - 1);
    }

    private function x(int $place): float
    {
        return $this->left + $place * $this->wide;
    }
}
