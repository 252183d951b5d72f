<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Models\FrameMove;
use App\Models\FrameWhy;
use App\Models\Lot;
use App\Models\TakenSuper;
use Illuminate\Support\Collection;

/** A frame of a lot, and where it is. */
final readonly class FrameRow
{
    private function __construct(public TakenSuper $frame, private ?FrameMove $back)
    {
    }

    /** @return Collection<int, self> by their carrying boxes */
    public static function of(Lot $lot): Collection
    {
        $frames = $lot->harvest->supers->filter(static fn (TakenSuper $one): bool => $one->isFrame());
        $back = FrameMove::query()
            ->whereIn('taken_super_id', $frames->modelKeys())
            ->where('why', '!=', FrameWhy::Taken->value)
            ->with('to')
            ->orderBy('id')
            ->get()
            ->keyBy('taken_super_id');

        return $frames
            ->sortBy(static fn (TakenSuper $one): array => [$one->carrier, $one->carrier_slot])
            ->values()
            ->toBase()
            ->map(static fn (TakenSuper $one): self => new self($one, $back->get($one->id)));
    }

    /** Back in a hive; what is in the honey room or in store may still go there. */
    public function isHome(): bool
    {
        return $this->back?->to !== null;
    }

    /** To go back once it is spun; comb that was cut out, or given away, is not. */
    public function isWet(): bool
    {
        return ! $this->isHome() && $this->frame->used_for->isExtracted();
    }

    public function where(): string
    {
        return match (true) {
            ! $this->frame->used_for->isExtracted() => $this->frame->used_for->words(),
            $this->back === null => __('in the honey room'),
            $this->back->to !== null => __('wet, back in :hive, slot :slot', [
                'hive' => $this->back->to->code,
                'slot' => $this->back->to_slot ?? 0,
            ]),
            default => __('in store'),
        };
    }
}
