<?php

declare(strict_types=1);

namespace App\YardState\Looks;

use App\Models\Assessment;
use App\Models\FrameLook;
use App\Models\MoistureReading;
use App\Operation\CurrentOperation;
use DateTimeZone;
use Illuminate\Support\Collection;
use Marjoram\Core\Calibration\EyeCorrection;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;
use stdClass;

/** Finds the newest looks of many boxes with four queries; frames come as plain rows, since there are hundreds. */
final readonly class LookReader
{
    private const DAYS = 300;

    public function __construct(private CurrentOperation $current)
    {
    }

    /**
     * @param  array<string, string>  $since  box id => date since when it stands in its hive
     * @param  array<string, string>  $hives  box id => hive id
     * @return array<string, Look> by box id
     */
    public function of(array $since, array $hives): array
    {
        $newest = $this->newest($since, $hives);
        $ids = array_values($newest->map(fn (Collection $of): string => $of[0]->id)->all());
        $frames = $this->frames($newest->flatten(1));
        $readings = MoistureReading::query()
            ->whereIn('assessment_id', $ids)
            ->orderBy('id')
            ->get()
            ->groupBy('assessment_id');
        $looks = [];
        foreach ($newest as $box => $of) {
            [$latest, $before] = [$of[0], $of->get(1)];
            $looks[(string) $box] = new Look(
                $latest,
                $frames[$latest->id] ?? [],
                array_values(($readings->get($latest->id) ?? new Collection)->all()),
                $before === null ? null : round(abs($latest->looked_at->diffInDays($before->looked_at))),
                $before === null ? null : self::cappedShare($frames[$before->id] ?? []),
                $before,
            );
        }

        return $looks;
    }

    /**
     * @param  array<string, string>  $since
     * @param  array<string, string>  $hives
     * @return Collection<string, Collection<int, Assessment>> newest two by box id
     */
    private function newest(array $since, array $hives): Collection
    {
        $from = $this->current
            ->today()
            ->modify('-'.self::DAYS.' days')
            ->setTimezone(new DateTimeZone('UTC'));

        return Assessment::query()
            ->whereIn('hive_id', array_values(array_unique($hives)))
            ->where('looked_at', '>=', $from)
            ->where('looked_at', '<', $this->current->today()->modify('+1 day')->setTimezone(new DateTimeZone('UTC')))
            ->orderByDesc('looked_at')
            ->orderByDesc('id')
            ->get()
            ->filter(
                fn (Assessment $look): bool => ($hives[$look->box_id] ?? null) === $look->hive_id &&
                    $look->looked_at->format('Y-m-d') >= $since[$look->box_id],
            )
            ->groupBy('box_id')
            ->map(fn (Collection $of): Collection => $of->take(2)->values());
    }

    /**
     * The frames of looks, each with the eye of whoever looked.
     *
     * @param  iterable<Assessment>  $of
     * @return array<string, array<int, Frame>> by assessment and slot
     */
    public function frames(iterable $of): array
    {
        $ids = $eyes = [];
        foreach ($of as $look) {
            $ids[] = $look->id;
            $eyes[$look->id] =
                $look->eye === null ? null : new EyeCorrection($look->eye['offset'], $look->eye['slope']);
        }
        $frames = [];
        foreach (FrameLook::query()->whereIn('assessment_id', $ids)->orderBy('slot')->toBase()->get() as $row) {
            $frames[$row->assessment_id][$row->slot] = self::frame($row, $eyes[$row->assessment_id] ?? null);
        }

        return $frames;
    }

    /** A plain row of frame_looks. */
    private static function frame(stdClass $row, ?EyeCorrection $eye): Frame
    {
        $a = new Face((float) $row->a_capped, (float) $row->a_open, (float) $row->a_brood, (float) $row->a_pollen);
        $b = new Face((float) $row->b_capped, (float) $row->b_open, (float) $row->b_brood, (float) $row->b_pollen);

        return new Frame(
            (int) $row->slot,
            $eye === null ? $a : $eye->face($a),
            $eye === null ? $b : $eye->face($b),
            (bool) $row->glanced,
        );
    }

    /** @param  array<int, Frame>  $frames */
    private static function cappedShare(array $frames): ?float
    {
        $honey = array_sum(array_map(static fn (Frame $frame): float => $frame->fill(), $frames));

        return $honey > 0.0
            ? min(1.0, array_sum(array_map(static fn (Frame $frame): float => $frame->capped(), $frames)) / $honey)
            : null;
    }
}
