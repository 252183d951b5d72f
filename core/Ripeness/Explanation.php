<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Moisture\Standards;

/** Puts the reasons of a verdict in order: what decided it, then the figures, then what was presumed. */
final class Explanation
{
    /** @return list<array{Reason, list<string>}> */
    public static function of(Verdict $verdict, Super $super, Policy $policy, BoxEstimate $box, WaterEstimate $water, float $p, int $ripeFrames): array
    {
        $odds = [self::percent($p), self::percent($policy->confidence)];
        $reasons = [match (true) {
            $super->hasBrood() => [Reason::Brood, []],
            $box->cappedShare === null => [Reason::NoHoney, []],
            $verdict === Verdict::Take => [Reason::PolicyMet, $odds],
            $verdict === Verdict::Look => [Reason::PolicyOpen, $odds],
            default => [Reason::PolicyNotMet, $odds],
        }];
        $reasons[] = match ($verdict) {
            Verdict::TakeAndDry => [Reason::CanDry, [number_format(Standards::codexLimitPct($policy->heather), 0, '.', '')]],
            Verdict::Wait => [Reason::FlowOn, []],
            Verdict::Rearrange => [Reason::SomeFramesRipe, [(string) $ripeFrames]],
            default => null,
        };
        if ($policy->school->asksForCapping() && $box->cappedShare !== null) {
            $reasons[] = [Reason::CappedShare, [self::percent($box->cappedShare), self::percent($box->sd), self::percent($policy->cappedShareNeeded())]];
        }
        if ($policy->school->asksForWater()) {
            $reasons[] = [$water->measured ? Reason::WaterMeasured : Reason::WaterPresumed,
                [self::tenth($water->meanPct), self::tenth($water->sdPct), self::tenth($policy->waterMaxPct)]];
        }
        if ($box->unseen() > 0) {
            $reasons[] = [Reason::FramesPresumed, [(string) $box->unseen(), (string) count($box->slots)]];
            $reasons[] = $super->underCapped ? [Reason::UnderCapped, []] : null;
        }
        $glanced = count(array_filter($super->frames, static fn (Frame $frame): bool => $frame->glanced));
        if ($glanced > 0) {
            $reasons[] = [Reason::FramesGlanced, [(string) $glanced]];
        }

        return array_values(array_filter($reasons));
    }

    private static function percent(float $share): string
    {
        return number_format(100.0 * $share, 0, '.', '');
    }

    private static function tenth(float $value): string
    {
        return number_format($value, 1, '.', '');
    }
}
