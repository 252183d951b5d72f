<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Models\Apiary;
use App\Models\Assessment;
use App\Models\FrameLook;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;

/**
 * All frames of a hive as the painter begins with them, so that one goes from frame to frame without a load: the supers
 * from the top, then, where a brood box is open, that one alone.
 */
final readonly class PainterFrames
{
    /** @param  list<array<string, mixed>>  $boxes  for the script alone */
    private function __construct(public array $boxes)
    {
    }

    public static function of(
        Apiary $apiary,
        HiveState $hive,
        BoxState $open,
        DateTimeImmutable $day,
        ?string $on,
    ): self {
        $boxes = $open->isSuper() ? array_reverse($hive->supers()) : [$open];
        $looks = Assessment::query()
            ->whereIn('box_id', array_map(static fn (BoxState $box): string => $box->id, $boxes))
            ->where('hive_id', $hive->id)
            ->where('looked_on', $day->format('Y-m-d'))
            ->with('frames')
            ->get()
            ->keyBy('box_id');
        $page = static fn (BoxState $box): string => route(
            'assess.hive',
            array_filter([$apiary->slug, $hive->code, 'box' => $box->id, 'on' => $on]),
        );

        return new self(array_map(
            static fn (BoxState $box): array => self::box($box, $page($box), $looks->get($box->id)?->frames),
            $boxes,
        ));
    }

    /**
     * @param  ?Collection<int, FrameLook>  $stored
     * @return array<string, mixed>
     */
    private static function box(BoxState $box, string $page, ?Collection $stored): array
    {
        $slots = [];
        for ($slot = 1; $slot <= $box->fitted->framesFitted; $slot++) {
            $frame = $stored?->firstWhere('slot', $slot);
            $slots[] = [
                'slot' => $slot,
                'url' => route('assess.frames.update', [$box->id, $slot]),
                'faces' => $frame === null ? PainterData::presumed($box, $slot) : ['a' => $frame->a, 'b' => $frame->b],
                'version' => $frame?->version,
                'seen' => $frame !== null,
                'alike' => $frame?->glanced === true,
            ];
        }

        return [
            'id' => $box->id,
            'title' => ucfirst($box->name()),
            'page' => $page,
            'ratio' => round($box->faceRatio(), 3),
            'opens' => $box->nextSlot() ?? intdiv($box->fitted->framesFitted + 1, 2),
            'frames' => $slots,
        ];
    }
}
