<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\GaussHermite;

/**
 * Exact posterior of a share that falls from the centre of a box outwards.
 *
 * logit(share) = theta + beta d^2 + e with normal priors and normal e: conjugate Bayesian linear
 * regression (Gelman et al., Bayesian Data Analysis, 3rd ed. 2013, ch. 14). O(frames seen).
 */
final readonly class LogitModel
{
    public const CLAMP = 0.01;

    /**
     * @param  array{float, float}  $mean  of theta and beta
     * @param  array{float, float, float}  $covariance  theta-theta, theta-beta, beta-beta
     */
    private function __construct(public array $mean, public array $covariance, public float $frameSd)
    {
    }

    /**
     * @param  array{float, float}  $prior  means of theta and beta
     * @param  array{float, float}  $priorSd
     * @param  list<array{float, float}>  $observed  distance and share of the frames seen
     */
    public static function posterior(array $prior, array $priorSd, float $frameSd, array $observed): self
    {
        $p11 = $priorSd[0] ** -2;
        $p22 = $priorSd[1] ** -2;
        $p12 = 0.0;
        $r1 = $p11 * $prior[0];
        $r2 = $p22 * $prior[1];
        $weight = $frameSd ** -2;
        foreach ($observed as [$distance, $share]) {
            $x = $distance * $distance;
            $y = self::logit($share);
            $p11 += $weight;
            $p12 += $weight * $x;
            $p22 += $weight * $x * $x;
            $r1 += $weight * $y;
            $r2 += $weight * $x * $y;
        }
        $det = $p11 * $p22 - $p12 * $p12;
        $cov = [$p22 / $det, -$p12 / $det, $p11 / $det];

        return new self([$cov[0] * $r1 + $cov[1] * $r2, $cov[1] * $r1 + $cov[2] * $r2], $cov, $frameSd);
    }

    public static function logit(float $share): float
    {
        $clamped = min(1.0 - self::CLAMP, max(self::CLAMP, $share));

        return log($clamped / (1.0 - $clamped));
    }

    public static function share(float $logit): float
    {
        return 1.0 / (1.0 + exp(-$logit));
    }

    public function logitMean(float $distance): float
    {
        return $this->mean[0] + $this->mean[1] * $distance * $distance;
    }

    /** Covariance of the logits of two slots, without their own errors e. */
    public function logitCovariance(float $d1, float $d2): float
    {
        [$a, $b] = [$d1 * $d1, $d2 * $d2];

        return $this->covariance[0] + ($a + $b) * $this->covariance[1] + $a * $b * $this->covariance[2];
    }

    /** Standard deviation of the logit of one unseen slot, its own error included. */
    public function logitSd(float $distance): float
    {
        return sqrt(max(0.0, $this->logitCovariance($distance, $distance)) + $this->frameSd ** 2);
    }

    /** Posterior mean of the share at an unseen slot. */
    public function expectedShare(float $distance, GaussHermite $rule): float
    {
        return $rule->expect(self::share(...), $this->logitMean($distance), $this->logitSd($distance));
    }

    /** Posterior standard deviation of the share at an unseen slot. */
    public function shareSd(float $distance, GaussHermite $rule): float
    {
        $mean = $this->expectedShare($distance, $rule);
        $square = static fn (float $logit): float => self::share($logit) ** 2;

        return sqrt(
            max(0.0, $rule->expect($square, $this->logitMean($distance), $this->logitSd($distance)) - $mean * $mean),
        );
    }
}
