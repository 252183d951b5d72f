<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/** The schools of wintering: how a practitioner chooses what stays. */
enum WinterSchool: string
{
    /** What climate, strength and dates ask for, with the confidence wanted. */
    case Computed = 'computed';

    /** The brood boxes and at least one full super, whatever the sums say. */
    case FullSuper = 'full-super';

    /** A number of boxes by hand, from the floor up. */
    case BoxRule = 'box-rule';

    /** The brood boxes alone; what the hive lacks is fed. */
    case TakeAll = 'take-all';

    /** Everything stays; what is over in spring is taken then. */
    case LeaveAll = 'leave-all';

    /**
     * The boxes that stay.
     *
     * @param  list<StoredBox>  $boxes  from the floor up
     * @param  int  $boxRule  boxes that stay by hand, brood boxes included
     * @return list<StoredBox>
     */
    public function keeps(
        array $boxes,
        ColonyNeed $need,
        float $confidence,
        int $boxRule,
        ReserveAssumptions $assumptions = new ReserveAssumptions,
    ): array {
        return match ($this) {
            self::Computed => BoxChoice::least($boxes, $need, $confidence, $assumptions),
            self::FullSuper => self::withFullest($boxes),
            self::BoxRule => array_values(
                array_filter(
                    $boxes,
                    static fn (StoredBox $box, int $i): bool => $box->staysAnyway() || $i < $boxRule,
                    ARRAY_FILTER_USE_BOTH,
                ),
            ),
            self::TakeAll => array_values(
                array_filter($boxes, static fn (StoredBox $box): bool => $box->staysAnyway()),
            ),
            self::LeaveAll => $boxes,
        };
    }

    /**
     * @param  list<StoredBox>  $boxes
     * @return list<StoredBox>
     */
    private static function withFullest(array $boxes): array
    {
        $fullest = null;
        foreach ($boxes as $box) {
            if (
                ! $box->brood &&
                ($fullest === null || [$box->ripe, $box->honeyKg] > [$fullest->ripe, $fullest->honeyKg])
            ) {
                $fullest = $box;
            }
        }

        $stays = static fn (StoredBox $box): bool => $box->staysAnyway() || $box === $fullest;

        return array_values(array_filter($boxes, $stays));
    }
}
