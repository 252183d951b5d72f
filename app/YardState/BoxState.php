<?php

declare(strict_types=1);

namespace App\YardState;

use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\Decision;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Ripeness\BoxHoney;
use Marjoram\Core\Ripeness\RipenessResult;
use Marjoram\Core\Ripeness\Verdict;

/** A box in its hive on the day: what was seen of it, what it holds, and what to do with it. */
final readonly class BoxState
{
    /** @param  int  $number of the super above the brood (1 is the lowest), or of the brood box from the floor */
    public function __construct(
        public Box $box,
        public BoxPlace $place,
        public int $number,
        public FittedBox $fitted,
        public Looks\Look $look,
        public RipenessResult $ripeness,
        public BoxHoney $honey,
        public ?Decision $decision,
    ) {
    }

    public function isSuper(): bool
    {
        return $this->place->role === 'super';
    }

    public function name(): string
    {
        return $this->isSuper() ? __('super :n', ['n' => $this->number]) : __('brood box :n', ['n' => $this->number]);
    }

    public function verdict(): Verdict
    {
        return $this->ripeness->verdict;
    }

    /** What a person decided stands over what was reckoned. */
    public function comesOff(): bool
    {
        return $this->isSuper() &&
            ($this->decision === null ? $this->verdict()->comesOff() : $this->decision->choice === 'take');
    }

    /** Seen in a frame: bees leave it neither by a board nor by fumes. */
    public function hasBrood(): bool
    {
        return array_filter($this->look->frames, static fn (Frame $frame): bool => $frame->hasBrood()) !== [];
    }

    /** kg misjudged on average if one decided without looking again. */
    public function kgInDoubt(): float
    {
        return $this->ripeness->kgInDoubt($this->honey->honeyKg);
    }

    public function seen(): int
    {
        return count(array_filter($this->look->frames, static fn (Frame $frame): bool => ! $frame->glanced));
    }

    /** Depth of a comb face over its length. */
    public function faceRatio(): float
    {
        $kind = $this->fitted->kind;
        $length = max(180.0, ($kind->externalLengthMm > 0.0 ? $kind->externalLengthMm : 500.0) - 78.0);

        return min(0.8, max(0.2, ($kind->combAreaDm2 * 1e4) / $length ** 2));
    }

    public function mark(): string
    {
        return Marks::glyph($this->verdict());
    }

    /** @return list<array{seen: bool, a: array{float, float, float, float}, b: array{float, float, float, float}}> */
    public function slots(): array
    {
        $slots = [];
        foreach ($this->ripeness->box->slots as $slot) {
            $frame = $this->look->frames[$slot->slot] ?? null;
            $capped = $slot->weight * ($slot->cappedShare ?? 0.0);
            $presumed = $this->isSuper()
                ? [$capped, max(0.0, $slot->weight - $capped), 0.0, 0.0]
                : [0.25, 0.05, 0.05, 0.35];
            $slots[] =
                $frame === null
                    ? ['seen' => false, 'a' => $presumed, 'b' => $presumed]
                    : [
                        'seen' => true,
                        'a' => [$frame->a->capped, $frame->a->open, $frame->a->pollen, $frame->a->brood],
                        'b' => [$frame->b->capped, $frame->b->open, $frame->b->pollen, $frame->b->brood],
                    ];
        }

        return $slots;
    }
}
