<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Hives\BoxKindReader;
use App\Models\TakenSuper;
use Marjoram\Core\Comb\BoxKind;

/** The frames of a super that was taken, or the one frame that was: what each holds and weighs. */
final readonly class SuperFrames
{
    public function __construct(private BoxKindReader $kinds)
    {
    }

    /** @return list<SuperFrame> */
    public function of(TakenSuper $super): array
    {
        $fitted = $this->kinds->fitted($super->box);
        $faces = self::faces($super, $fitted->framesFitted);
        $whole = array_sum(array_map(array_sum(...), $faces));
        $honey = self::honeyKg($super, $fitted->kind);
        $weighed = $super->frame_grams ?? [];
        $empty = $fitted->kind->frameMassKg();
        $frames = [];
        foreach ($faces as $slot => [$a, $b]) {
            $share = $whole > 0.0 ? ($a + $b) / $whole : 1.0 / count($faces);
            // A weighed frame is known; otherwise it has its share of the super's weight or estimate.
            $kg = isset($weighed[$slot]) ? max(0.0, $weighed[$slot] / 1000.0 - $empty) : $honey * $share;
            $first = $a + $b > 0.0 ? $a / ($a + $b) : 0.5;
            $frames[] = new SuperFrame(
                $super,
                $slot,
                $first * $kg,
                (1.0 - $first) * $kg,
                $empty,
                $super->fresh || self::isNew($super),
                $fitted->drawnAt < $fitted->kind->frames,
                isset($weighed[$slot]),
            );
        }

        return $frames;
    }

    /** Mass of a wet, extracted frame of this kind, g. */
    public function wetG(TakenSuper $super): float
    {
        return 1000.0 * $this->kinds->fitted($super->box)->kind->frameMassKg();
    }

    /** As weighed at the door, otherwise as estimated. */
    private static function honeyKg(TakenSuper $super, BoxKind $kind): float
    {
        if ($super->before_kg === null) {
            return $super->estimate_kg;
        }
        $empty = $super->isFrame() ? $kind->frameMassKg() : $kind->emptyMassKg;

        return max(0.0, $super->before_kg - $empty);
    }

    /** @return non-empty-array<int, array{float, float}> shares of both faces by slot; alike where nobody looked */
    private static function faces(TakenSuper $super, int $fitted): array
    {
        $known = $super->frozen->faces();

        return match (true) {
            $known === [] => $super->isFrame()
                ? [$super->slot => [1.0, 1.0]]
                : array_fill(1, max(1, $fitted), [1.0, 1.0]),
            $super->isFrame() => [$super->slot => array_values($known)[0]],
            default => $known,
        };
    }

    private static function isNew(TakenSuper $super): bool
    {
        return in_array($super->frozen->comb(), ['new', 'unwired', 'free'], true);
    }
}
