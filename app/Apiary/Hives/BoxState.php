<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Apiary\Inspections\Look;
use App\Drawing\DrawnSlot;
use DateTimeImmutable;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Hives\JudgedBox;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\RipenessResult;
use Marjoram\Core\Ripeness\Verdict;

/** A box in its hive on the day: what was seen of it, what it holds, and what to do with it. */
final readonly class BoxState
{
    public string $id;

    public string $mark;

    public string $hiveId;

    public string $hive;

    public int $number;

    public DateTimeImmutable $since;

    public RipenessResult $ripeness;

    public Kilograms $honey;

    public float $seenKg;

    public float $grossKg;

    public function __construct(
        private bool $super,
        Position $at,
        public FittedBox $fitted,
        public Look $look,
        public JudgedBox $judged,
        public ?Decided $decision,
    ) {
        $this->id = $judged->id;
        $this->mark = $at->mark;
        $this->hiveId = $at->hiveId;
        $this->hive = $at->hive;
        $this->number = $at->number;
        $this->since = $at->since;
        $this->ripeness = $judged->ripeness;
        $this->honey = $judged->honey;
        $this->seenKg = $judged->seenKg;
        $this->grossKg = $judged->grossKg;
    }

    public function isSuper(): bool
    {
        return $this->super;
    }

    public function name(): string
    {
        return $this->super
            ? __('super :n', ['n' => $this->number])
            : __('brood box :n', ['n' => $this->number]);
    }

    public function verdict(): Verdict
    {
        return $this->ripeness->verdict;
    }

    /** The verdict in force: what a person decided, otherwise what was calculated. All lists and counts use it. */
    public function standing(): Verdict
    {
        return match ($this->decision?->comesOff) {
            null => $this->verdict(),
            true => $this->verdict()->comesOff() ? $this->verdict() : Verdict::Take,
            false => Verdict::Leave,
        };
    }

    /** Put on empty a few days ago and not inspected since: what it holds is no figure yet. */
    public function isFresh(): bool
    {
        return in_array(Reason::PutOnEmpty, array_column($this->ripeness->reasons, 'what'), true);
    }

    /** Nobody has inspected it since the season ended, and the next has not begun. */
    public function isOfLastSeason(): bool
    {
        return in_array(Reason::SeasonOver, array_column($this->ripeness->reasons, 'what'), true);
    }

    /** Capped all over and never read: whoever trusts the capping takes it. */
    public function isSealedUnread(): bool
    {
        return ! $this->ripeness->water->measured && $this->ripeness->box->isSealed();
    }

    public function isToLookAt(): bool
    {
        return $this->super && $this->standing()->asksToLook();
    }

    /** What a person decided stands over what was calculated. */
    public function comesOff(): bool
    {
        return $this->super && ($this->decision->comesOff ?? $this->verdict()->comesOff());
    }

    /** Seen in a frame: bees leave it neither by a board nor by fumes. */
    public function hasBrood(): bool
    {
        return array_filter($this->look->frames, static fn (Frame $frame): bool => $frame->hasBrood()) !== [];
    }

    /** kg misjudged on average if one decided without looking again. */
    public function kgInDoubt(): float
    {
        return $this->ripeness->kgInDoubt();
    }

    /** Frames that were pulled. */
    public function seen(): int
    {
        $isSeen = static fn (Frame $frame): bool => ! $frame->glanced && ! $frame->gone;

        return count(array_filter($this->look->frames, $isSeen));
    }

    /** Frames that stand in it. */
    public function framesIn(): int
    {
        return $this->fitted->framesFitted - count($this->look->gaps);
    }

    /** The frame to look at next; null where none would tell. */
    public function nextSlot(): ?int
    {
        return $this->ripeness->next?->slot;
    }

    /** Depth of a comb face over its length. */
    public function faceRatio(): float
    {
        $kind = $this->fitted->kind;
        $length = max(180.0, ($kind->externalLengthMm > 0.0 ? $kind->externalLengthMm : 500.0) - 78.0);

        return min(0.8, max(0.2, $kind->combAreaDm2 * 1e4 / $length ** 2));
    }

    /** @return list<DrawnSlot> */
    public function slots(): array
    {
        $slots = [];
        foreach ($this->ripeness->box->slots as $slot) {
            $frame = $this->look->frames[$slot->slot] ?? null;
            $presumed = $this->super ? $slot->honeyFace() : new Face(0.25, 0.05, 0.35, 0.05);
            $slots[] = $frame === null
                ? new DrawnSlot(false, $presumed, $presumed)
                : new DrawnSlot(true, $frame->a, $frame->b, in_array($slot->slot, $this->look->gaps, true));
        }

        return $slots;
    }
}
