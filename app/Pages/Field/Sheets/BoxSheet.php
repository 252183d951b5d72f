<?php

declare(strict_types=1);

namespace App\Pages\Field\Sheets;

use App\Apiary\Frames\FrameMarks;
use App\Apiary\Hives\BoxState;
use App\Apiary\Inspections\Look;
use App\Apiary\Inspections\NotedReading;
use App\Apiary\Operation\Policy;
use App\Models\FrameLook;
use DateTimeZone;
use Illuminate\Support\Collection;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Sheet\SheetVerdict;

/** One box as a phone carries it: what the core judges it by, what was last said of it, and what was painted today. */
final readonly class BoxSheet
{
    /**
     * @param  Collection<int, FrameLook>  $painted  today's frames of this box, with their versions
     * @return array<string, mixed>
     */
    public static function of(
        string $hive,
        BoxState $box,
        ?string $emptySince,
        Policy $policy,
        DateTimeZone $zone,
        Collection $painted,
    ): array {
        $kind = $box->fitted->kind;
        $comb = $policy->comb($kind->key);

        return [
            'id' => $box->id,
            'mark' => $box->mark,
            'frame_mark' => FrameMarks::ofBox($hive, $box),
            'super' => $box->isSuper(),
            'number' => $box->number,
            'name' => $box->name(),
            'kind' => [
                'key' => $kind->key,
                'name' => $kind->name,
                'frames' => $kind->frames,
                'comb_area_dm2' => $kind->combAreaDm2,
                'inside_width_mm' => $kind->insideWidthMm,
                'empty_mass_kg' => $kind->emptyMassKg,
                'height_mm' => $kind->externalHeightMm > 0.0 ? $kind->externalHeightMm : 168.0,
                'width_mm' => $kind->externalWidthMm > 0.0 ? $kind->externalWidthMm : 413.0,
            ],
            'face_ratio' => $box->faceRatio(),
            'frames_fitted' => $box->fitted->framesFitted,
            'drawn_at' => $box->fitted->drawnAt,
            'comb' => [
                'fill_capped' => $comb->fillCapped,
                'fill_open' => $comb->fillOpen,
                'box_relative_sd' => $comb->boxRelativeSd,
            ],
            'empty_since' => $emptySince,
            'gaps' => count($box->look->gaps),
            'gap_slots' => $box->look->gaps,
            'last_season' => $box->isOfLastSeason(),
            'look' => self::hasLook($box) ? self::look($box->look, $zone) : null,
            'painted' => $painted
                ->map(static fn (FrameLook $one): array => self::painted($one, $box->look->frames[$one->slot] ?? null))
                ->values()
                ->all(),
            'decision' => $box->decision === null ? null : [
                'id' => $box->decision->id,
                'choice' => $box->decision->comesOff ? 'take' : 'stay',
                'note' => $box->decision->note,
            ],
            'standing' => $box->standing()->value,
            'verdict' => SheetVerdict::json($box->judged),
        ];
    }

    /** What was found in a season that is over is no look any more. */
    private static function hasLook(BoxState $box): bool
    {
        return ! $box->isOfLastSeason() && ($box->look->id !== null || $box->look->frames !== []);
    }

    /** @return array<string, mixed> */
    private static function look(Look $look, DateTimeZone $zone): array
    {
        return [
            'on' => $look->at?->setTimezone($zone)->format('Y-m-d'),
            'at' => $look->at === null ? null : (float) $look->at->format('U'),
            'shake' => $look->shake,
            'frames' => array_map(
                static fn (Frame $frame): array => [
                    'slot' => $frame->slot,
                    'a' => $frame->a->jsonSerialize(),
                    'b' => $frame->b->jsonSerialize(),
                    'glanced' => $frame->glanced,
                    'gone' => $frame->gone,
                ],
                array_values($look->frames),
            ),
            'readings' => array_map(
                static fn (NotedReading $one): array => [
                    'scale' => $one->reading->scale->value,
                    'value' => $one->reading->value,
                    'temperature_c' => $one->reading->temperatureC,
                    'compensated' => $one->reading->compensated,
                    'of' => $one->reading->of?->value,
                    'offset' => $one->reading->offset,
                    'mass_kg' => $one->reading->massKg,
                ],
                $look->readings,
            ),
            'days_since_last' => $look->daysSinceLast,
            'last_capped_share' => $look->lastCappedShare,
        ];
    }

    /**
     * @param  ?Frame  $now  what is known of its slot
     * @return array<string, mixed> as it was painted, without the correction of an eye
     */
    private static function painted(FrameLook $frame, ?Frame $now): array
    {
        return [
            'slot' => $frame->slot,
            'a' => $frame->a->jsonSerialize(),
            'b' => $frame->b->jsonSerialize(),
            'glanced' => $frame->glanced,
            'version' => $frame->version,
            // It went out since: what was painted there is no longer there.
            'gone' => $now?->gone === true,
        ];
    }
}
