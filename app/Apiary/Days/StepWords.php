<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Foundation\Units\Formatter;
use App\Words\Wording;

/** What hands do, in words: on the day's page, on paper and on the phone. */
final readonly class StepWords
{
    public function __construct(private Formatter $format, private Wording $say)
    {
    }

    public function of(HiveWork $hive, HandStep $step): string
    {
        if ($step->isBoard()) {
            return __('board on, under :supers', ['supers' => $hive->supersAbove()]);
        }
        if ($step->work === null) {
            return $step->super->box->mark ?? '';
        }

        return $step->super === null
            ? __('below first: :box, ~:kg', ['box' => $step->work->box->name(), 'kg' => $this->kg($step->work)])
            : $this->off($step, $step->work);
    }

    /** Of a box that hands leave where it is, or do not touch yet. */
    public function ofBox(BoxWork $work): string
    {
        return __(':box · ~:kg, :what', [
            'box' => $work->box->name(),
            'kg' => $this->kg($work),
            'what' => $work->words(),
        ]);
    }

    private function off(HandStep $step, BoxWork $work): string
    {
        $frames = $step->frames();
        $box = __(':mark, :box · ~:kg', [
            'mark' => $work->box->mark,
            'box' => $work->box->name(),
            'kg' => $this->kg($work),
        ]);
        $what = $frames === '' ? $box : __('frames :frames of :box', ['frames' => $frames, 'box' => $box]);

        return $work->lift === null ? $what : $what.': '.$this->say->term($work->lift->advice());
    }

    private function kg(BoxWork $work): string
    {
        return $this->format->kg($work->box->grossKg, 0);
    }
}
