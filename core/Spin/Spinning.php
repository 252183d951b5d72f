<?php

declare(strict_types=1);

namespace Marjoram\Core\Spin;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Rotor\Wheel;
use Marjoram\Core\Statement;
use Marjoram\Core\Viscosity\Viscosity;
use Marjoram\Core\Viscosity\Warming;

/**
 * The schedule of one load. Entry point of the module. Honey flows out of a cell as through a narrow channel
 * (Poiseuille): the time goes with its viscosity, and with one over the field, radius times the square of the speed.
 * The one free constant is common practice: 4 minutes a side at 275 rpm, 30 cm, 30 C and 17.5 % let nearly all out.
 */
final readonly class Spinning
{
    private const USUAL_MINUTES = 4.0;

    private const USUAL_RPM = 275.0;

    private const USUAL_RADIUS_CM = 30.0;

    private const USUAL_C = 30.0;

    private const USUAL_WATER_PCT = 17.5;

    /** What is let out of a side in the end. */
    private const OUT = 0.95;

    /** Share of the full speed at the beginning; full combs break. */
    private const SLOW_OLD = 0.5;

    private const SLOW_FRESH = 1.0 / 3.0;

    /** New comb is not run at full speed at all (common practice). */
    private const FRESH_FULL = 0.8;

    /** Slower than that a rotor lets nothing out; the frames must be set otherwise. */
    private const LEAST_RPM = 60.0;

    public function __construct(private Viscosity $viscosity = new Viscosity)
    {
    }

    /**
     * @param  list<SpinFrame>  $frames  at least one
     * @return list<SpinStep>
     *
     * @throws InvalidInput when a slot is not there or holds two, or the tables do not know such honey
     */
    public function plan(Extractor $extractor, array $frames, float $celsius, float $waterPct): array
    {
        self::mustFit($extractor, $frames);
        $thick = $this->viscosity->paS($celsius, $waterPct);
        $out = [0.0, 0.0];
        $steps = [];
        foreach (self::runs($extractor, $frames) as $run) {
            $after = self::after($out, $run->side, $run->until);
            $pull = max(self::pull($extractor, $frames, $out), self::pull($extractor, $frames, $after));
            $was = $run->side === SpinSide::Second ? $out[1] : $out[0];
            $steps[] = $this->step($extractor, $run, $pull, $was, $thick);
            $out = $after;
        }

        return $steps;
    }

    /**
     * @param  list<SpinFrame>  $frames
     * @return list<SpinRun>
     */
    private static function runs(Extractor $extractor, array $frames): array
    {
        $isFresh = array_filter($frames, static fn (SpinFrame $one): bool => $one->fresh) !== [];
        $full = $extractor->maxRpm * ($isFresh ? self::FRESH_FULL : 1.0);
        $slow = $full * ($isFresh ? self::SLOW_FRESH : self::SLOW_OLD);
        $why = $isFresh ? SpinReason::FreshComb : SpinReason::FirstHalfSlow;

        return $extractor->radial
            ? [
                new SpinRun(SpinSide::Both, $slow, 0.5, $why),
                new SpinRun(SpinSide::Both, $full, self::OUT, SpinReason::FullSpeed),
            ]
            : [
                new SpinRun(SpinSide::First, $slow, 0.5, $why),
                new SpinRun(SpinSide::Second, $full, self::OUT, SpinReason::FullSpeed),
                new SpinRun(SpinSide::First, $full, self::OUT, SpinReason::LastOfFirst),
            ];
    }

    /**
     * @param  float  $pull  kg m out of balance, the most while it runs
     * @param  float  $was  share of the side that is out already
     * @param  float  $thick  Pa s
     */
    private function step(Extractor $extractor, SpinRun $run, float $pull, float $was, float $thick): SpinStep
    {
        $why = [new Statement($run->why)];
        $rpm = $run->rpm;
        $allowed = $pull > 0.0 ? sqrt($extractor->forceLimitN / $pull) * 30.0 / M_PI : INF;
        if ($allowed < $rpm) {
            $rpm = max(self::LEAST_RPM, $allowed);
            $why[] = new Statement(
                $allowed < self::LEAST_RPM ? SpinReason::NotToBeBalanced : SpinReason::OutOfBalance,
                ['g' => round(100000.0 * $pull / $extractor->radiusCm), 'limit_n' => $extractor->forceLimitN],
            );
        }
        if ($thick > Warming::SPINS_AT) {
            $why[] = new Statement(SpinReason::Thick);
        }
        $usual = $this->viscosity->paS(self::USUAL_C, self::USUAL_WATER_PCT);
        $field = $extractor->radiusCm / self::USUAL_RADIUS_CM * ($rpm / self::USUAL_RPM) ** 2;
        $share = log((1.0 - $was) / (1.0 - $run->until)) / log(1.0 / (1.0 - self::OUT));

        return new SpinStep(
            $run->side,
            $rpm,
            self::USUAL_MINUTES * $thick / $usual / $field * $share,
            $pull * ($rpm * M_PI / 30.0) ** 2,
            $why,
        );
    }

    /**
     * @param  array{float, float}  $out  shares let out of the two sides
     * @return array{float, float}
     */
    private static function after(array $out, SpinSide $side, float $until): array
    {
        return match ($side) {
            SpinSide::First => [$until, $out[1]],
            SpinSide::Second => [$out[0], $until],
            SpinSide::Both => [$until, $until],
        };
    }

    /**
     * What is out of balance, times the radius: kg m.
     *
     * @param  list<SpinFrame>  $frames
     * @param  array{float, float}  $out
     */
    private static function pull(Extractor $extractor, array $frames, array $out): float
    {
        $masses = [];
        foreach ($frames as $one) {
            $masses[$one->slot - 1] = $one->g / 1000.0 - $out[0] * $one->aKg - $out[1] * $one->bKg;
        }

        return hypot(...(new Wheel($extractor->slots))->sum($masses)) * $extractor->radiusCm / 100.0;
    }

    /** @param  list<SpinFrame>  $frames */
    private static function mustFit(Extractor $extractor, array $frames): void
    {
        if ($frames === []) {
            throw InvalidInput::because('The extractor has no frame.', 'one frame or more', '/frames');
        }
        $slots = [];
        foreach ($frames as $i => $one) {
            InvalidInput::unlessWithin($one->slot, 1, $extractor->slots, 'The slot', "/frames/$i/slot");
            if (isset($slots[$one->slot])) {
                throw InvalidInput::because(
                    'Slot :slot holds two frames.',
                    'one frame a slot',
                    "/frames/$i/slot",
                    ['slot' => $one->slot],
                );
            }
            $slots[$one->slot] = true;
        }
    }
}
