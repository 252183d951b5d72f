<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Models\Assessment;
use App\Models\FrameLook;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Marjoram\Core\Comb\Content;
use Marjoram\Core\Comb\Face;

/** What the painter needs to begin with: the frames as saved for the day, or as estimated. */
final readonly class PainterData
{
    /**
     * @param  array{a: Face, b: Face}  $faces  as painted; a correction of the eye is not in them
     * @param  list<PainterSlot>  $slots
     * @param  ?DateTimeImmutable  $before  when the box was looked at before
     * @param  bool  $wasSeenBefore  this frame, then
     */
    private function __construct(
        public array $faces,
        public ?FrameLook $stored,
        public array $slots,
        public ?DateTimeImmutable $before,
        public bool $wasSeenBefore,
    ) {
    }

    public static function of(BoxState $box, int $slot, DateTimeImmutable $day): self
    {
        $looks = self::looks($box, $day);
        $date = static fn (Assessment $look): string => $look->looked_at
            ->setTimezone($day->getTimezone())
            ->format('Y-m-d');
        $today = $looks->first(fn (Assessment $look): bool => $date($look) === $day->format('Y-m-d'));
        $before = $looks->first(fn (Assessment $look): bool => $look->id !== $today?->id);
        $stored = $today?->frames->firstWhere('slot', $slot);
        $slots = [];
        for ($n = 1; $n <= $box->fitted->framesFitted; $n++) {
            $frame = $today?->frames->firstWhere('slot', $n);
            $slots[] = new PainterSlot($n, $frame !== null, $frame?->glanced === true);
        }

        return new self(
            $stored === null ? self::presumed($box, $slot) : ['a' => $stored->a, 'b' => $stored->b],
            $stored,
            $slots,
            $before?->looked_at->toDateTimeImmutable(),
            $before !== null && $before->frames->contains('slot', $slot),
        );
    }

    public function status(): string
    {
        return match (true) {
            $this->stored === null => __('not inspected, estimated'),
            $this->stored->glanced => __('copied from another frame, not pulled'),
            default => '',
        };
    }

    /** @return Collection<int, Assessment> of the box on its hive up to this day, newest first */
    private static function looks(BoxState $box, DateTimeImmutable $day): Collection
    {
        return Assessment::query()
            ->where('box_id', $box->id)
            ->where('hive_id', $box->hiveId)
            ->where('looked_at', '<', $day->modify('+1 day')->setTimezone(new DateTimeZone('UTC')))
            ->where('looked_at', '>=', $box->since->format('Y-m-d'))
            ->orderByDesc('looked_at')
            ->orderByDesc('id')
            ->limit(2)
            ->with('frames')
            ->get();
    }

    /** @return array{a: Face, b: Face} */
    public static function presumed(BoxState $box, int $slot): array
    {
        $drawn = $box->slots()[$slot - 1];
        $rounded = static fn (Face $face): Face => Face::of(
            static fn (Content $content): float => round($face->share($content), 3),
            $face->restStated,
        );

        return ['a' => $rounded($drawn->a), 'b' => $rounded($drawn->b)];
    }
}
