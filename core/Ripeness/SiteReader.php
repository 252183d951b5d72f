<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\CutNormal;

/**
 * From the painted shares of a frame to what they say of its fill and capping (a Site): weighted moments over a grid.
 *
 * A painted share cannot leave 0 to 1, so a full comb is seen as full or less, never more. Half of that is corrected,
 * since most keepers see a full comb as full.
 */
final readonly class SiteReader
{
    private const STEPS = 11;

    private const RIDGE = 12;

    /** How far the grid reaches on both sides, in standard deviations. */
    private const REACH = 2.8;

    private const LEAST_VARIANCE = 0.003;

    private const LEAST_FILL = 0.05;

    private CutNormal $cut;

    public function __construct()
    {
        $this->cut = new CutNormal;
    }

    /** @param  float  $tilt  above 0 where open honey is the likelier, the less of a rest is empty */
    public function of(Painted $frame, SlotPrior $prior, float $tilt): Site
    {
        return $frame->open === null ? $this->unstated($frame, $prior, $tilt) : $this->stated($frame, $prior);
    }

    private function stated(Painted $frame, SlotPrior $prior): Site
    {
        [$fill, $fillVariance] = $this->fill($frame, $prior);
        $ff = max(0.0, 1.0 / $fillVariance - 1.0 / $prior->fillVariance);
        if ($frame->fill() < self::LEAST_FILL) {
            return new Site($ff, 0.0, 0.0, $fill / $fillVariance);
        }
        $level = min(0.995, max(self::LEAST_FILL, Logit::share($prior->fill + $fill)));
        [$share, $shareVariance] = $this->share($frame, $prior, $level);

        return new Site(
            $ff,
            0.0,
            max(0.0, 1.0 / $shareVariance - 1.0 / $prior->cappedVariance),
            $fill / $fillVariance,
            $share / $shareVariance,
        );
    }

    /** @return array{float, float} mean and variance of the fill's deviation */
    private function fill(Painted $frame, SlotPrior $prior): array
    {
        $painted = (float) $frame->fill();
        $variance = $frame->cappedSd ** 2 + $frame->openSd ** 2;
        $edge = M_SQRT2 * $frame->edgeSd;
        [$from, $step] = self::grid($painted, sqrt($variance));
        $sum = $first = $second = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $u = $from + $step * $i;
            $y = $u - $prior->fill;
            $z = (1.0 - Logit::share($u)) / $edge;
            $spread = $this->cut->variance($z);
            $d = $painted - 1.0 + $edge * $this->cut->mean($z);
            $weight = exp(-0.5 * ($d * $d / ($variance * $spread) + $y * $y / $prior->fillVariance)) / sqrt($spread);
            $sum += $weight;
            $first += $weight * $y;
            $second += $weight * $y * $y;
        }

        return self::moments($sum, $first, $second);
    }

    /**
     * @param  float  $fill  of the frame, as it is estimated
     * @return array{float, float} mean and variance of the deviation of the capped share of honey
     */
    private function share(Painted $frame, SlotPrior $prior, float $fill): array
    {
        $e = $frame->edgeSd;
        $edge = M_SQRT2 * $e;
        $lost = 0.5 * ($edge * $this->cut->mean((1.0 - $fill) / $edge) - (1.0 - $fill));
        $painted = $frame->capped / ($frame->capped + (float) $frame->open);
        [$from, $step] = self::grid($painted, max($frame->cappedSd, $frame->openSd) / $fill);
        $sum = $first = $second = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $u = $from + $step * $i;
            $y = $u - $prior->capped;
            $x = Logit::share($u);
            $capped = $fill * $x;
            $open = $fill * (1.0 - $x);
            $lostCapped = 0.5 * ($e * $this->cut->mean((1.0 - $capped) / $e) - (1.0 - $capped));
            $seenCapped = $e * $this->cut->mean($capped / $e) - $lostCapped;
            $seenOpen = max(0.05 * $e, $e * $this->cut->mean($open / $e) - max(0.0, $lost - $lostCapped));
            $seen = $seenCapped + $seenOpen;
            $d = $painted - $seenCapped / $seen;
            $spread =
                (((1.0 - $x) * $frame->cappedSd) ** 2 * $this->cut->variance($capped / $e) +
                    ($x * $frame->openSd) ** 2 * $this->cut->variance($open / $e)) / ($seen * $seen);
            $weight = exp(-0.5 * ($d * $d / $spread + $y * $y / $prior->cappedVariance)) / sqrt($spread);
            $sum += $weight;
            $first += $weight * $y;
            $second += $weight * $y * $y;
        }

        return self::moments($sum, $first, $second);
    }

    /** Of a rest that nobody stated: all its splits into open and empty are weighed, by the flow and by the others. */
    private function unstated(Painted $frame, SlotPrior $prior, float $tilt): Site
    {
        $painted = min(0.97, max(0.01, $frame->capped));
        $room = max(0.02, 1.0 - $frame->other - $painted);
        $variance = $frame->cappedSd ** 2;
        $sum = $f = $x = $ff = $fx = $xx = 0.0;
        for ($i = 0; $i < self::RIDGE; $i++) {
            $r = ($i + 0.5) / self::RIDGE;
            $fill = min(0.996, $painted + $r * $room);
            $share = $painted / $fill;
            $open = max(0.004, 1.0 - $share);
            $df = Logit::of($fill) - $prior->fill;
            $dx = Logit::of(min(0.996, $share)) - $prior->capped;
            $weight =
                exp(-0.5 * ($df * $df / $prior->fillVariance + $dx * $dx / $prior->cappedVariance) + $tilt * $r) /
                ($fill * $fill * (1.0 - $fill) * $share * $open);
            $gf = (1.0 - $r) / ($fill * (1.0 - $fill));
            $gx = $r / ($fill * $share * max(0.02, 1.0 - $share));
            $sum += $weight;
            $f += $weight * $df;
            $x += $weight * $dx;
            $ff += $weight * ($df * $df + min(0.5, $variance * $gf * $gf));
            $fx += $weight * $df * $dx;
            $xx += $weight * ($dx * $dx + min(0.5, $variance * $gx * $gx));
        }
        [$f, $x] = [$f / $sum, $x / $sum];
        [$ff, $fx, $xx] = [$ff / $sum - $f * $f + 0.01, $fx / $sum - $f * $x, $xx / $sum - $x * $x + 0.01];
        $det = $ff * $xx - $fx * $fx;
        [$qff, $qfx, $qxx] = self::positive(
            $xx / $det - 1.0 / $prior->fillVariance,
            -$fx / $det,
            $ff / $det - 1.0 / $prior->cappedVariance,
        );

        return new Site($qff, $qfx, $qxx, ($xx * $f - $fx * $x) / $det, ($ff * $x - $fx * $f) / $det);
    }

    /** @return array{float, float, float} the nearest matrix without a negative eigenvalue */
    private static function positive(float $a, float $b, float $c): array
    {
        $middle = 0.5 * ($a + $c);
        $half = hypot(0.5 * ($a - $c), $b);
        if ($middle - $half >= 0.0) {
            return [$a, $b, $c];
        }
        if ($middle + $half <= 0.0) {
            return [0.0, 0.0, 0.0];
        }
        $angle = 0.5 * atan2(2.0 * $b, $a - $c);
        [$x, $y, $most] = [cos($angle), sin($angle), $middle + $half];

        return [$most * $x * $x, $most * $x * $y, $most * $y * $y];
    }

    /** @return array{float, float} first logit and step of the grid about a painted share */
    private static function grid(float $share, float $sd): array
    {
        $from = Logit::of(min(0.97, max(0.004, $share - self::REACH * $sd)));
        $to = Logit::of(max(0.03, min(0.996, $share + self::REACH * $sd)));

        return [$from, ($to - $from) / (self::STEPS - 1)];
    }

    /** @return array{float, float} */
    private static function moments(float $sum, float $first, float $second): array
    {
        $mean = $first / $sum;

        return [$mean, max(self::LEAST_VARIANCE, $second / $sum - $mean * $mean)];
    }
}
