<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Hives\BoxKindReader;
use App\Models\TakenSuper;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Json\Fields;

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
        $faces = $super->isFrame()
            ? [$super->slot => self::face(Fields::of($super->frozen))]
            : $this->faces($super, $fitted->framesFitted);
        $whole = array_sum(array_map(array_sum(...), $faces));
        $honey = self::honeyKg($super, $fitted->kind);
        $weighed = Fields::of(Fields::of($super->frozen)->part('grams')->all());
        $empty = $fitted->kind->frameMassKg();
        $frames = [];
        foreach ($faces as $slot => [$a, $b]) {
            $share = $whole > 0.0 ? ($a + $b) / $whole : 1.0 / count($faces);
            // A frame on the scale is known; else as its super was judged or weighed.
            $kg = $weighed->has((string) $slot)
                ? max(0.0, $weighed->number((string) $slot) / 1000.0 - $empty)
                : $honey * $share;
            $first = $a + $b > 0.0 ? $a / ($a + $b) : 0.5;
            $frames[] = new SuperFrame(
                $super,
                $slot,
                $first * $kg,
                (1.0 - $first) * $kg,
                $empty,
                $super->fresh || self::isNew($super),
                $fitted->drawnAt < $fitted->kind->frames,
                $weighed->has((string) $slot),
            );
        }

        return $frames;
    }

    /** What stands on its own once it is spun: a wet frame of this kind, g. */
    public function wetG(TakenSuper $super): float
    {
        return 1000.0 * $this->kinds->fitted($super->box)->kind->frameMassKg();
    }

    /** How much of its honey is capped, 0 to 1. */
    public static function cappedShare(TakenSuper $super): float
    {
        $frozen = Fields::of($super->frozen);
        if (! $super->isFrame()) {
            return max(0.0, min(1.0, $frozen->number('capped_share', 0.8)));
        }
        $capped = $frozen->part('a')->number('capped') + $frozen->part('b')->number('capped');
        $open = $frozen->part('a')->number('open') + $frozen->part('b')->number('open');

        return $capped + $open > 0.0 ? $capped / ($capped + $open) : 0.8;
    }

    /** As weighed at the door, where it was; else as judged. */
    private static function honeyKg(TakenSuper $super, BoxKind $kind): float
    {
        if ($super->before_kg === null) {
            return $super->estimate_kg;
        }
        $empty = $super->isFrame() ? $kind->frameMassKg() : $kind->emptyMassKg;

        return max(0.0, $super->before_kg - $empty);
    }

    /** @return non-empty-array<int, array{float, float}> shares of both faces by slot; alike where nobody looked */
    private function faces(TakenSuper $super, int $fitted): array
    {
        $known = Fields::of($super->frozen)->part('faces')->all();
        $faces = [];
        foreach ($known as $slot => $face) {
            $of = Fields::of($face);
            $faces[(int) $slot] = [$of->number('0'), $of->number('1')];
        }

        return $faces === [] ? array_fill(1, max(1, $fitted), [1.0, 1.0]) : $faces;
    }

    /** @return array{float, float} */
    private static function face(Fields $frozen): array
    {
        $of = static fn (Fields $face): float => $face->number('capped') + $face->number('open');

        return [$of($frozen->part('a')), $of($frozen->part('b'))];
    }

    private static function isNew(TakenSuper $super): bool
    {
        $comb = Fields::of($super->frozen)->part('comb')->text('comb');

        return in_array($comb, ['new', 'unwired', 'free'], true);
    }
}
