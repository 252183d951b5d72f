<?php

declare(strict_types=1);

namespace App\Apiary\Inspections;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Assessment;
use App\Models\Casts\AsFace;
use App\Models\FrameLook;
use App\Models\MoistureReading;
use DateTimeZone;
use Marjoram\Core\Calibration\EyeCorrection;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Frame;

/** Finds the newest looks of many boxes with three queries; frames come as plain rows, since there are hundreds. */
final readonly class LookReader
{
    private const DAYS = 300;

    public function __construct(private CurrentOperation $current, private MovedFrames $moved)
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
        $frames = $this->frames(array_merge([], ...array_values($newest)));
        $readings = $this->readings(array_values(array_map(static fn (array $of): string => $of[0]->id, $newest)));
        $looks = [];
        foreach ($newest as $box => $of) {
            $looks[(string) $box] = self::look($of[0], $of[1] ?? null, $frames, $readings[$of[0]->id] ?? []);
        }

        return $this->moved->onto($looks, $since);
    }

    /**
     * @param  array<string, array<int, Frame>>  $frames
     * @param  list<NotedReading>  $readings
     */
    private static function look(Assessment $latest, ?Assessment $before, array $frames, array $readings): Look
    {
        return new Look(
            $latest->id,
            $latest->looked_at->toDateTimeImmutable(),
            $latest->shake,
            $latest->eye['offset'] ?? null,
            $frames[$latest->id] ?? [],
            $readings,
            $before === null ? null : round(abs($latest->looked_at->diffInDays($before->looked_at))),
            $before === null ? null : Comb::cappedShare($frames[$before->id] ?? []),
        );
    }

    /**
     * @param  array<string, string>  $since
     * @param  array<string, string>  $hives
     * @return array<string, non-empty-list<Assessment>> newest two by box id
     */
    private function newest(array $since, array $hives): array
    {
        $utc = new DateTimeZone('UTC');
        $today = $this->current->today();
        $isThere = fn (Assessment $look): bool => ($hives[$look->box_id] ?? null) === $look->hive_id
            && $look->looked_on->format('Y-m-d') >= $since[$look->box_id];

        $looks = Assessment::query()
            ->whereIn('hive_id', array_values(array_unique($hives)))
            ->where('looked_at', '>=', $today->modify('-'.self::DAYS.' days')->setTimezone($utc))
            ->where('looked_at', '<', $today->modify('+1 day')->setTimezone($utc))
            ->orderByDesc('looked_at')
            ->orderByDesc('id')
            ->get();
        $newest = [];
        foreach ($looks->filter($isThere) as $look) {
            if (count($newest[$look->box_id] ?? []) < 2) {
                $newest[$look->box_id][] = $look;
            }
        }

        return $newest;
    }

    /**
     * @param  list<string>  $ids  of assessments
     * @return array<string, list<NotedReading>> by assessment
     */
    private function readings(array $ids): array
    {
        $found = [];
        foreach (MoistureReading::query()->whereIn('assessment_id', $ids)->orderBy('id')->get() as $one) {
            $found[(string) $one->assessment_id][] = new NotedReading(
                $one->id,
                $one->reading(),
                $one->read_at->toDateTimeImmutable(),
            );
        }

        return $found;
    }

    /**
     * The frames of looks, each with the eye of whoever looked.
     *
     * @param  iterable<Assessment>  $of
     * @return array<string, array<int, Frame>> by assessment and slot
     */
    public function frames(iterable $of): array
    {
        $eyes = [];
        foreach ($of as $look) {
            $eyes[$look->id] = $look->eye === null
                ? null
                : new EyeCorrection($look->eye['offset'], $look->eye['slope']);
        }
        $frames = [];
        $rows = FrameLook::query()->whereIn('assessment_id', array_keys($eyes))->orderBy('slot')->toBase()->get();
        foreach ($rows as $row) {
            $frames[$row->assessment_id][$row->slot] = self::frame((array) $row, $eyes[$row->assessment_id] ?? null);
        }

        return $frames;
    }

    /** @param  array<string, mixed>  $row  of frame_looks */
    private static function frame(array $row, ?EyeCorrection $eye): Frame
    {
        $slot = is_numeric($row['slot'] ?? null) ? (int) $row['slot'] : 1;
        [$a, $b] = [AsFace::read('a', $row), AsFace::read('b', $row)];

        return new Frame(
            $slot,
            $eye === null ? $a : $eye->face($a),
            $eye === null ? $b : $eye->face($b),
            (bool) ($row['glanced'] ?? false),
        );
    }
}
