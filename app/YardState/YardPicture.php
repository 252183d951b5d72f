<?php

declare(strict_types=1);

namespace App\YardState;

use App\Drawing\DrawnBox;
use App\Drawing\DrawnHive;
use App\Drawing\Elevation;
use App\Support\Units\Formatter;
use Closure;

/** Puts a yard's state into the section drawing; each stage says where its links lead and what stands under a hive. */
final readonly class YardPicture
{
    public function __construct(private ?Elevation $elevation = null, private ?Formatter $format = null)
    {
    }

    /**
     * @param  Closure(HiveState): string  $hiveLink
     * @param  ?Closure(HiveState, BoxState): string  $boxLink
     * @param  ?Closure(HiveState): list<string>  $under
     * @param  ?Closure(HiveState): ?int  $reserve
     * @param  ?Closure(HiveState): list<BoxState>  $order  of the boxes, where not as they stand
     */
    public function svg(
        YardState $yard,
        string $title,
        Closure $hiveLink,
        ?Closure $boxLink = null,
        ?Closure $under = null,
        ?string $selectedHive = null,
        ?string $selectedBox = null,
        ?Closure $reserve = null,
        ?Closure $order = null,
    ): string {
        $hives = [];
        foreach ($yard->hives as $code => $state) {
            $boxes = array_map(
                fn (BoxState $box): DrawnBox => $this->box(
                    $state,
                    $box,
                    $boxLink === null ? null : $boxLink($state, $box),
                    $selectedBox,
                ),
                $order === null ? $state->boxes : $order($state),
            );
            $hives[] = new DrawnHive(
                (string) $code,
                $boxes,
                $state->hive->excluder,
                $hiveLink($state),
                $selectedHive === (string) $code,
                $under === null ? [] : $under($state),
                $reserve === null ? null : $reserve($state),
            );
        }

        return ($this->elevation ?? new Elevation)->svg($hives, $title);
    }

    /** Marks a hive, and a box of it, in a drawing made without any chosen. */
    public static function choose(string $drawing, ?string $hive, ?string $box = null): string
    {
        if ($hive !== null) {
            $code = e($hive);
            $drawing = str_replace(
                [
                    '<svg class="hive" data-hive="'.$code.'"',
                    '<g class="colm" data-hive="'.$code.'"',
                    'data-code="'.$code.'"',
                ],
                [
                    '<svg class="hive on" data-hive="'.$code.'"',
                    '<g class="colm on" data-hive="'.$code.'"',
                    'data-code="'.$code.'" aria-current="true"',
                ],
                $drawing,
            );
        }

        return $box === null
            ? $drawing
            : str_replace('data-box="'.e($box).'"', 'data-box="'.e($box).'" aria-current="true"', $drawing);
    }

    public function box(HiveState $state, BoxState $box, ?string $href, ?string $selectedBox = null): DrawnBox
    {
        $kind = $box->fitted->kind;
        $f = $this->format ?? app(Formatter::class);
        $words = $box->isSuper()
            ? __(':hive, :box: :verdict; ~:kg honey, :seen of :all frames seen', [
                'hive' => $state->hive->code,
                'box' => $box->name(),
                'verdict' => Marks::word($box->verdict()),
                'kg' => $f->kg($box->honey->honeyKg),
                'seen' => $box->seen(),
                'all' => $box->fitted->framesFitted,
            ])
            : __(':hive, :box', ['hive' => $state->hive->code, 'box' => $box->name()]);

        return new DrawnBox(
            $kind->externalHeightMm ?: 168.0,
            $kind->externalWidthMm ?: 413.0,
            $kind->insideWidthMm,
            $box->slots(),
            ! $box->isSuper(),
            $box->isSuper() ? $box->mark() : null,
            $words,
            $href,
            $selectedBox === $box->box->id,
            $box->box->id,
        );
    }
}
