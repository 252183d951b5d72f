<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Frames\CarryBox;
use Marjoram\Core\Frames\Carrying;
use Marjoram\Core\Frames\EvenLoads;
use Marjoram\Core\Lifting\LiftHeights;
use Marjoram\Core\Lifting\Lifting;

/** What the chosen frames come to: honey, loads of the extractor, carrying boxes and what they weigh. */
final readonly class FrameSum
{
    /** @param  list<CarryBox>  $carriers */
    private function __construct(
        public int $frames,
        public Kilograms $honey,
        public EvenLoads $loads,
        public array $carriers,
    ) {
    }

    public static function of(YardFrames $frames, int $extractor): self
    {
        $weights = [];
        foreach ($frames->chosen as $one) {
            $weights[$one->id] = $one->grossKg();
        }
        $kind = $frames->chosen === [] ? null : $frames->chosen[0]->box->fitted->kind;

        return new self(
            count($frames->chosen),
            Kilograms::sum(array_map(static fn (FrameOffer $one): Kilograms => $one->held->honey, $frames->chosen)),
            new EvenLoads(count($frames->chosen), $extractor),
            $kind === null ? [] : self::carrying($kind)->of($weights),
        );
    }

    /** A box of the frames' own kind, as heavy as one person should lift. */
    private static function carrying(BoxKind $kind): Carrying
    {
        $heights = new LiftHeights;
        $lift = $heights->ontoBed(1.0, $heights->groundCm, $kind->externalWidthMm);

        return new Carrying($kind->frames, 0.5 * $kind->emptyMassKg, (new Lifting)->assess($lift)->limitKg);
    }

    /** @return array{int, int}|null number of the carrying box and slot in it */
    public function carrierOf(string $id): ?array
    {
        foreach ($this->carriers as $carrier) {
            $at = array_search($id, $carrier->frames, true);
            if ($at !== false) {
                return [$carrier->number, $at + 1];
            }
        }

        return null;
    }

    public function heaviestKg(): float
    {
        return max([0.0, ...array_map(static fn (CarryBox $one): float => $one->kg, $this->carriers)]);
    }
}
