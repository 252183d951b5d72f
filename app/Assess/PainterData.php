<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Assessment;
use App\Models\FrameLook;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;

/** What the painter needs to begin with: the frames as they are stored for the day, or as they are presumed. */
final readonly class PainterData
{
    private const SHARES = ['capped', 'open', 'brood', 'pollen'];

    /**
     * @param  array<string, array<string, float>>  $faces  as painted; a correction of the eye is not in them
     * @param  list<array{slot: int, seen: bool, glanced: bool}>  $slots
     */
    private function __construct(
        public array $faces,
        public ?FrameLook $stored,
        public array $slots,
        public ?DateTimeImmutable $before,
        public bool $wasSeenBefore,
    ) {
    }

    public static function of(\App\YardState\BoxState $box, int $slot, DateTimeImmutable $day): self
    {
        $looks = self::looks($box, $day);
        $today = $looks->first(
            fn (Assessment $look): bool => $look->looked_at->setTimezone($day->getTimezone())->format('Y-m-d') ===
                $day->format('Y-m-d'),
        );
        $before = $looks->first(fn (Assessment $look): bool => $look->id !== $today?->id);
        $stored = $today === null ? null : $today->frames->firstWhere('slot', $slot);
        $slots = [];
        for ($n = 1; $n <= $box->fitted->framesFitted; $n++) {
            $frame = $today?->frames->firstWhere('slot', $n);
            $slots[] = ['slot' => $n, 'seen' => $frame !== null, 'glanced' => $frame?->glanced === true];
        }

        return new self(
            $stored === null ? self::presumed($box, $slot) : self::faces($stored),
            $stored,
            $slots,
            $before?->looked_at->toDateTimeImmutable(),
            $before !== null && $before->frames->contains('slot', $slot),
        );
    }

    /** @return Collection<int, Assessment> of the box on its hive up to this day, newest first */
    private static function looks(\App\YardState\BoxState $box, DateTimeImmutable $day): Collection
    {
        return Assessment::query()
            ->where('box_id', $box->box->id)
            ->where('hive_id', $box->place->hive_id)
            ->where('looked_at', '<', $day->modify('+1 day')->setTimezone(new DateTimeZone('UTC')))
            ->where('looked_at', '>=', $box->place->since->format('Y-m-d'))
            ->orderByDesc('looked_at')
            ->orderByDesc('id')
            ->limit(2)
            ->with('frames')
            ->get();
    }

    /** @return array<string, array<string, float>> */
    private static function presumed(\App\YardState\BoxState $box, int $slot): array
    {
        $drawn = $box->slots()[$slot - 1];
        $faces = [];
        foreach (['a', 'b'] as $side) {
            foreach (self::SHARES as $i => $share) {
                // The drawing's order from the top bar is capped, open, pollen, brood.
                $faces[$side][$share] = round($drawn[$side][[0, 1, 3, 2][$i]], 3);
            }
        }

        return $faces;
    }

    /** @return array<string, array<string, float>> */
    public static function faces(FrameLook $frame): array
    {
        $faces = [];
        foreach (['a', 'b'] as $side) {
            foreach (self::SHARES as $share) {
                $value = $frame->getAttribute("{$side}_$share");
                $faces[$side][$share] = is_numeric($value) ? (float) $value : 0.0;
            }
        }

        return $faces;
    }
}
