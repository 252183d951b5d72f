<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\Brent;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Yields\YieldRecord;

/**
 * What of a yield is the queen: a mixed model with yards in seasons, swarms and splits as fixed effects and the queens
 * as random ones, related through their mothers. Entry point of the module.
 *
 * Restricted maximum likelihood in the ratio of the variances alone; best linear unbiased predictions (Henderson 1975).
 */
final readonly class QueenModel
{
    private const RATIOS = [1e-4, 1e5];

    /** A gain in fit smaller than this counts as no difference. */
    private const NO_BETTER = 1e-6;

    private const BREED_FROM = 0.5;

    private const REQUEEN_FROM = 0.9;

    /** Less than the mean is likelier than not, by so much. */
    private const WATCH_FROM = 0.7;

    /** A prediction as wide as this share of what queens differ says little. */
    private const WIDE = 0.9;

    public function __construct(public float $topShare = 0.1)
    {
        InvalidInput::unlessWithin($topShare, 0.01, 0.5, 'The share of the best', '/top_share');
    }

    /**
     * @param  list<YieldRecord>  $records
     * @param  array<string|int, string>  $mothers  by daughter
     * @param  list<string>|null  $alive  null: all
     *
     * @throws InvalidInput when there is no record, or a queen is her own foremother
     */
    public function fit(
        array $records,
        array $mothers = [],
        YieldScale $scale = YieldScale::Kg,
        ?array $alive = null,
    ): Merits {
        if ($records === []) {
            throw InvalidInput::because('A record is missing.', 'at least one record', '/records');
        }
        $design = Design::of($records, $mothers, $scale);
        $plain = new PlainFit($design);
        $free = max(1, $design->records() - $plain->rank);
        $kg = array_map(static fn (YieldRecord $one): float => $one->kg, $records);
        $jacobian = $scale->jacobian($kg, $free);
        $equations = new MixedEquations($design, array_map(strval(...), array_keys($plain->covariates)));
        [$log, $criterion] = $design->hasRepeats($free)
            ? (new Brent(1e-4))->least(
                static fn (float $log): float => $equations->at(exp($log))->criterion($free),
                log(self::RATIOS[0]),
                log(self::RATIOS[1]),
                log($design->guessedRatio()),
            )
            : [INF, INF];
        if ($criterion > $plain->criterion() - self::NO_BETTER) {
            return $this->none($design, $plain, $scale, $free, $jacobian);
        }
        $solved = $equations->at(exp($log));
        $rest = $solved->squares / $free;

        return $this->merits($design, $plain, $scale, $solved, $rest, $criterion, $jacobian, $alive);
    }

    /** @param  list<string>|null  $alive */
    private function merits(
        Design $design,
        PlainFit $plain,
        YieldScale $scale,
        Solved $solved,
        float $rest,
        float $criterion,
        float $jacobian,
        ?array $alive,
    ): Merits {
        $queens = $rest / $solved->ratio;
        $merits = $solved->queens();
        $sds = array_map(static fn (float $of): float => sqrt(max(0.0, $rest * $of)), $solved->inverse());
        $given = (new GivenYards($design, $solved->ratio))->inverse();
        $named = array_filter($design->pedigree->names, static fn (string $name): bool => ! Design::isUnnamed($name));
        $living = array_keys($alive === null ? $named : array_intersect($named, $alive));
        $top = BestShare::of(
            array_map(static fn (int $i): float => $merits[$i], $living),
            array_map(static fn (int $i): float => $sds[$i], $living),
            $this->topShare,
        );
        $top = array_combine($living, $top);
        $all = [];
        foreach ($named as $i => $name) {
            $sd = sqrt(max(1e-300, $rest * $given[$i]));
            $below = Normal::cdf(-$merits[$i] / $sd);
            $all[] = new QueenMerit(
                $name,
                $design->own[$i],
                $design->daughters[$i],
                $merits[$i],
                $sds[$i],
                $top[$i] ?? 0.0,
                $below,
                $this->advice($design, $i, $top[$i] ?? 0.0, $below, $sds[$i] / sqrt($queens)),
            );
        }
        usort($all, static fn (QueenMerit $a, QueenMerit $b): int => $b->merit <=> $a->merit);

        return new Merits(
            $scale,
            $queens,
            $rest,
            $criterion,
            $solved->covariates(),
            $plain->dropped,
            $solved->skewness(),
            $jacobian,
            $all,
        );
    }

    private function advice(Design $design, int $queen, float $top, float $below, float $wide): QueenAdvice
    {
        return match (true) {
            $top >= self::BREED_FROM
                && max($design->own[$queen], $design->daughters[$queen]) >= 2 => QueenAdvice::Breed,
            $below >= self::REQUEEN_FROM => QueenAdvice::Requeen,
            $wide > self::WIDE => QueenAdvice::Unknown,
            $below >= self::WATCH_FROM => QueenAdvice::Watch,
            default => QueenAdvice::Keep,
        };
    }

    private function none(Design $design, PlainFit $plain, YieldScale $scale, int $free, float $jacobian): Merits
    {
        $all = [];
        foreach ($design->pedigree->names as $i => $name) {
            if (! Design::isUnnamed($name)) {
                $known = [$design->own[$i], $design->daughters[$i]];
                $all[] = new QueenMerit($name, $known[0], $known[1], 0.0, 0.0, 0.0, 0.5, QueenAdvice::Unknown);
            }
        }

        return new Merits(
            $scale,
            0.0,
            $plain->squares / $free,
            $plain->criterion(),
            $plain->covariates,
            $plain->dropped,
            $plain->skewness,
            $jacobian,
            $all,
        );
    }
}
