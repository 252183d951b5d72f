<?php

declare(strict_types=1);

namespace App\YardState\Looks;

use Illuminate\Support\Facades\Cache;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Ripeness\BoxEstimate;
use Marjoram\Core\Ripeness\BoxHoney;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessResult;
use Marjoram\Core\Ripeness\Super;

/**
 * Verdicts are computed, not stored; this keeps the answers of one yard as long as their questions stay the
 * same, so that a change to one frame costs one verdict and not sixty.
 */
final class VerdictMemo
{
    /** @var array<string, array{RipenessResult, BoxHoney}> */
    private array $known;

    /** @var array<string, array{RipenessResult, BoxHoney}> */
    private array $used = [];

    private bool $added = false;

    private ?Ripeness $ripeness = null;

    private function __construct(private readonly ?string $key)
    {
        /** @var array<string, array{RipenessResult, BoxHoney}> $known */
        $known = $key === null ? [] : Cache::get($key, []);
        $this->known = $known;
    }

    public function countsAsCapped(BoxEstimate $above): bool
    {
        return ($this->ripeness ??= new Ripeness)->countsAsCapped($above);
    }

    /** Keeps nothing: for a single hive the reckoning is quicker than the looking up. */
    public static function none(): self
    {
        return new self(null);
    }

    public static function ofYard(string $apiaryId): self
    {
        return new self("verdicts.2.$apiaryId");
    }

    /** @return array{RipenessResult, BoxHoney} */
    public function judge(Super $super, RipenessPolicy $policy, CombAssumptions $comb): array
    {
        $question = md5(self::words($super).serialize([$policy, $comb]));
        if (! isset($this->known[$question])) {
            $result = ($this->ripeness ??= new Ripeness)->judge($super, $policy);
            $this->known[$question] = [$result, BoxHoney::of($super->box, $super->frames, $result->box, $comb)];
            $this->added = true;
        }

        return $this->used[$question] = $this->known[$question];
    }

    /** All that a verdict depends on, as one string. */
    private static function words(Super $super): string
    {
        $words =
            $super->box->kind->key.
            '|'.
            $super->box->kind->combAreaDm2.
            '|'.
            $super->box->framesFitted.
            '|'.
            ($super->shake->value ?? '').
            '|'.
            (int) $super->excluder.
            (int) $super->dryRoom.
            (int) $super->canRearrange.
            (int) $super->underCapped.
            $super->flow->value.
            '|'.
            $super->daysSinceLast.
            '|'.
            $super->lastCappedShare;
        foreach ($super->frames as $frame) {
            $words .= '|'.$frame->slot.($frame->glanced ? 'g' : '');
            foreach ([$frame->a, $frame->b] as $face) {
                $words .= ','.$face->capped.','.$face->open.','.$face->brood.','.$face->pollen;
            }
        }

        return $words.'|'.($super->readings === [] ? '' : serialize($super->readings));
    }

    public function keep(): void
    {
        if ($this->added && $this->key !== null) {
            Cache::put($this->key, $this->used, 86400 * 7);
        }
    }
}
