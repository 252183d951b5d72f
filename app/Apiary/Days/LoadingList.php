<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\Method;

/** What the visits of a day want on the truck. */
final class LoadingList
{
    /** Of more no one person should lift the box (common practice). */
    private const FRAMES_A_CARRIER = 6;

    /**
     * @param  list<YardVisit>  $visits
     * @return list<LoadItem>
     */
    public static function of(array $visits, Kit $kit, int $crew): array
    {
        $supers = $frames = 0;
        $methods = $withBoard = $emptied = [];
        $isBoardForgotten = false;
        foreach ($visits as $visit) {
            $methods[] = $visit->clearing->method;
            // A hive may be on two clearings of a day: it wants one board, and one empty super after.
            $hives = $visit->clearing->items->pluck('hive_id')->flip()->all();
            $withBoard += $visit->places ? $hives : [];
            $isWhole = ! $visit->places && ! $visit->takesFrames();
            $emptied += $isWhole ? $hives : [];
            $supers += $isWhole ? $visit->clearing->items->count() : 0;
            $frames += $visit->ripeFrames();
            foreach (array_keys($visit->byHive) as $hive) {
                $isBoardForgotten = $isBoardForgotten || $visit->hasNoBoard((string) $hive);
            }
        }
        $boards = count($withBoard);
        $items = [
            new LoadItem('boards', $boards, __('escape boards, checked, right side up')),
            new LoadItem('tape', min(1, $boards), __('tape, for gaps and upper entrances')),
            ...self::tools($methods, max(1, count($emptied)), $kit, $crew, $isBoardForgotten),
            new LoadItem(
                'carriers',
                (int) ceil($frames / self::FRAMES_A_CARRIER),
                __('carrying boxes with lids, for five or six full frames each'),
            ),
            new LoadItem('covers', $supers, __('covers or cloths for the supers')),
            new LoadItem('empties', count($emptied), __('empty supers or rims for the bees below')),
            new LoadItem('straps', $supers > 0 ? max(2, (int) ceil($supers / 5)) : 0, __('straps')),
            new LoadItem(
                'stand',
                min(1, Lifted::of($visits, $crew)->beyond),
                __('tilting stand or barrow: some boxes are too heavy for one person'),
            ),
            new LoadItem('smoker', 1, __('smoker, fuel, lighter')),
            new LoadItem('water', 1, __('water to drink and for the grass')),
            new LoadItem('aid', 1, __('first aid, and what your doctor prescribed for stings')),
        ];

        return array_values(array_filter($items, static fn (LoadItem $item): bool => $item->count > 0));
    }

    /**
     * @param  list<Method>  $methods
     * @param  bool  $brushes  a board was forgotten on a hive that is cleared
     * @return list<LoadItem>
     */
    private static function tools(array $methods, int $hives, Kit $kit, int $crew, bool $brushes): array
    {
        $uses = static fn (Method $method): bool => in_array($method, $methods, true);

        return [
            new LoadItem(
                'fume',
                $uses(Method::FumeBoard) ? min($hives, $kit->fumeBoards) : 0,
                __('fume boards, pads, repellent as its label says, gloves'),
            ),
            new LoadItem('blower', $uses(Method::Blower) ? 1 : 0, __('blower, ear and eye protection')),
            new LoadItem('brush', $brushes || $uses(Method::Brush) || $uses(Method::ByFrame) ? $crew : 0, __('bee brushes and water to wash them')),
        ];
    }
}
