<?php

declare(strict_types=1);

namespace App\Apiary\Frames;

use App\Apiary\Hives\BoxState;
use App\Models\Apiary;

/** Coloured pins or chalk on top bars, numbered: given when frames are taken, read when they return. */
final class FrameMarks
{
    private const BY_HIVE = 'by-hive';

    private const COLOURS = ['white', 'yellow', 'red', 'green', 'blue'];

    /** What a frame is called where it is chosen: its box and slot. */
    public static function idOf(string $mark, int $slot): string
    {
        return "$mark-$slot";
    }

    /** Written on a top bar: where the frame goes back to. */
    public static function home(string $hive, BoxState $box, int $slot): string
    {
        return self::ofBox($hive, $box).$slot;
    }

    /** The same without the slot. */
    public static function ofBox(string $hive, BoxState $box): string
    {
        return sprintf('%s %s%d/', $hive, $box->isSuper() ? '' : 'B', $box->number);
    }

    /** @return array<string, string> */
    public static function choices(): array
    {
        return [
            '' => __('none: you write hive, super and slot on the frame'),
            'white' => __('white'),
            'yellow' => __('yellow'),
            'red' => __('red'),
            'green' => __('green'),
            'blue' => __('blue'),
            self::BY_HIVE => __('each hive its own colour'),
        ];
    }

    /** What the rule chooses in a yard: those beside one another on the list differ. */
    public static function usualIn(Apiary $apiary, string $rule): string
    {
        return self::usual($rule, Apiary::query()->where('position', '<', $apiary->position)->count());
    }

    /**
     * What the operation's rule chooses.
     *
     * @param  string  $rule  none, yard or hive
     * @param  int  $yard  the yard's place among all, from 0
     */
    private static function usual(string $rule, int $yard): string
    {
        return match ($rule) {
            'yard' => self::COLOURS[$yard % count(self::COLOURS)],
            'hive' => self::BY_HIVE,
            default => '',
        };
    }

    /** The colour on a hive's frames: neighbours on their stands differ. */
    public static function of(string $chosen, string $hive): string
    {
        return $chosen === self::BY_HIVE
            ? self::COLOURS[((int) preg_replace('/\D/', '', $hive)) % count(self::COLOURS)]
            : $chosen;
    }
}
