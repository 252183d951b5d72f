<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Models\ExtractorLoad;
use App\Models\LoadFrame;
use App\Pages\HoneyRoom\SuperFrame;
use Marjoram\Core\Rotor\Loading;
use Marjoram\Core\Rotor\Wheel;
use Marjoram\Core\Spin\SpinFrame;

/** The slots of a rotor, from 1, with what stands in them. */
final class RotorSlots
{
    /** @return array<int, RotorSlot> */
    public static function ofLoad(ExtractorLoad $load): array
    {
        $rotor = [];
        foreach ($load->frames as $one) {
            $rotor[$one->slot] = new RotorSlot(
                '',
                self::mark($one),
                $one->grams,
                $one->fresh,
                $one->super === null,
            );
        }

        return $rotor;
    }

    /**
     * @param  array<string, SuperFrame>  $waiting
     * @return array<int, RotorSlot>
     */
    public static function ofLoading(Loading $loading, array $waiting): array
    {
        $rotor = [];
        foreach ($loading->slots as $i => $one) {
            if ($one !== null) {
                $frame = $waiting[$one->id] ?? null;
                $mark = $frame?->mark() ?? __('an extracted frame');
                $rotor[$i + 1] = new RotorSlot(
                    $one->id,
                    $mark,
                    $one->g,
                    $one->fresh,
                    $frame === null,
                    $frame->fat ?? false,
                    $frame->isWeighed ?? false,
                    $frame->super->id ?? '',
                    $frame->slot ?? 0,
                );
            }
        }

        return $rotor;
    }

    /**
     * @param  array<int, RotorSlot>  $rotor
     * @param  array<string, SuperFrame>  $waiting
     * @return list<SpinFrame>
     */
    public static function toSpin(array $rotor, array $waiting): array
    {
        $frames = [];
        foreach ($rotor as $slot => $one) {
            $of = $waiting[$one->id] ?? null;
            $frames[] = new SpinFrame($slot, $one->grams, $one->fresh, $of->aKg ?? 0.0, $of->bKg ?? 0.0);
        }

        return $frames;
    }

    /** @param  array<int, RotorSlot>  $rotor */
    public static function imbalanceG(int $slots, array $rotor): float
    {
        $masses = [];
        foreach ($rotor as $slot => $one) {
            $masses[$slot - 1] = $one->grams;
        }

        return hypot(...(new Wheel($slots))->sum($masses));
    }

    private static function mark(LoadFrame $one): string
    {
        return match (true) {
            $one->super === null => __('an extracted frame'),
            $one->super->isFrame() => $one->super->title(),
            default => $one->super->title().'/'.$one->frame,
        };
    }
}
