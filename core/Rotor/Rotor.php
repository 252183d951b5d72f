<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

use Marjoram\Core\InvalidInput;

/**
 * Loads an extractor in balance. Entry point of the module. Every order is tried for up to eight slots; above, orders
 * are bettered by swaps and by three frames going round, from several beginnings, until a gram is left.
 */
final readonly class Rotor
{
    private const EXACT_SLOTS = 8;

    /**
     * @param  int  $slots  2 to 120
     * @param  list<RotorFrame>  $frames  one load: at most as many as there are slots
     * @param  list<RotorFrame>  $spares  that may go into free slots
     *
     * @throws InvalidInput when there are more frames than slots
     */
    public function load(int $slots, array $frames, array $spares = []): Loading
    {
        InvalidInput::unlessWithin($slots, 2, 120, 'The number of slots', '/slots');
        if (count($frames) > $slots) {
            throw InvalidInput::because(
                ':frames frames do not go into :slots slots.',
                'at most as many frames as slots',
                '/frames',
                ['frames' => count($frames), 'slots' => $slots],
            );
        }
        $wheel = new Wheel($slots);
        $isExact = $slots <= self::EXACT_SLOTS;
        // Counterweights beyond the free slots change nothing that matters; the heaviest are of most use.
        usort($spares, static fn (RotorFrame $a, RotorFrame $b): int => $b->g <=> $a->g);
        $spares = $isExact ? array_slice($spares, 0, 2 * ($slots - count($frames))) : $spares;
        $items = [...$frames, ...$spares];
        $masses = array_map(static fn (RotorFrame $one): float => $one->g, $items);
        $order = $isExact
            ? (new EveryOrder($wheel, $masses, count($frames)))->best()
            : (new BetterOrder($wheel, $masses, count($frames)))->best();
        $placed = array_map(
            static fn (int $slot): ?RotorFrame => isset($order[$slot]) ? $items[$order[$slot]] : null,
            range(0, $slots - 1),
        );
        [$x, $y] = $wheel->sum(array_map(static fn (?RotorFrame $one): float => $one->g ?? 0.0, $placed));
        [$asX, $asY] = $wheel->sum(array_map(static fn (RotorFrame $one): float => $one->g, $frames));
        $degrees = rad2deg(atan2($y, $x));

        return new Loading(
            $placed,
            hypot($x, $y),
            $degrees < 0.0 ? $degrees + 360.0 : $degrees,
            $isExact,
            hypot($asX, $asY),
        );
    }
}
