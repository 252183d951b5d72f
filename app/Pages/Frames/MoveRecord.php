<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Hives\BoxState;
use App\Apiary\Inspections\CombNote;
use App\Models\FrameMove;
use App\Models\FrameWhy;
use DateTimeImmutable;
use Marjoram\Core\Comb\Face;

/** What goes where in one write: all of it happened at once. */
final class MoveRecord
{
    private readonly string $madeAt;

    public function __construct(private readonly DateTimeImmutable $on)
    {
        $this->madeAt = now()->utc()->format('Y-m-d H:i:s.u');
    }

    /** Out of the hives. */
    public function out(FrameOffer $frame, FrameWhy $why, ?string $takenId = null): void
    {
        $this->write($why, self::from($frame) + self::content($frame) + ['taken_super_id' => $takenId]);
    }

    public function to(FrameOffer $frame, BoxState $box, int $slot, FrameWhy $why): void
    {
        $this->write($why, self::from($frame) + self::content($frame) + self::into($box, $slot));
    }

    /** An empty frame into a gap. */
    public function fill(
        BoxState $box,
        int $slot,
        FrameWhy $why,
        ?string $takenId = null,
        ?CombNote $comb = null,
    ): void {
        $this->write($why, self::into($box, $slot) + self::combOf($comb) + [
            'a' => new Face,
            'b' => new Face,
            'kind' => $box->fitted->kind->key,
            'taken_super_id' => $takenId,
        ]);
    }

    /** It stays in its slot; from now on this is known of its comb. */
    public function note(FrameOffer $frame, CombNote $comb): void
    {
        $here = self::into($frame->box, $frame->slot());
        $this->write(FrameWhy::Noted, self::from($frame) + $here + self::combOf($comb) + self::content($frame));
    }

    /** @return array<string, mixed> */
    private static function combOf(?CombNote $comb): array
    {
        return $comb === null ? [] : ['comb' => $comb->comb, 'comb_year' => $comb->year];
    }

    /** Out of the honey room, by its mark. */
    public function store(FrameWhy $why, string $takenId): void
    {
        $this->write($why, ['a' => new Face, 'b' => new Face, 'taken_super_id' => $takenId]);
    }

    /** @return array<string, mixed> */
    private static function from(FrameOffer $frame): array
    {
        return [
            'from_hive_id' => $frame->box->hiveId,
            'from_box_id' => $frame->box->id,
            'from_slot' => $frame->slot(),
        ];
    }

    /** @return array<string, mixed> */
    private static function into(BoxState $box, int $slot): array
    {
        return ['to_hive_id' => $box->hiveId, 'to_box_id' => $box->id, 'to_slot' => $slot];
    }

    /** @return array<string, mixed> */
    private static function content(FrameOffer $frame): array
    {
        return [
            'a' => $frame->held->frame->a,
            'b' => $frame->held->frame->b,
            'seen' => $frame->held->seen,
            'kind' => $frame->box->fitted->kind->key,
        ] + self::combOf($frame->comb());
    }

    /** @param  array<string, mixed>  $values */
    private function write(FrameWhy $why, array $values): void
    {
        FrameMove::query()->create($values + [
            'why' => $why,
            'moved_on' => $this->on->format('Y-m-d'),
            'made_at' => $this->madeAt,
        ]);
    }
}
