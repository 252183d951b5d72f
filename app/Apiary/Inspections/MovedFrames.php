<?php

declare(strict_types=1);

namespace App\Apiary\Inspections;

use App\Models\FrameLook;
use App\Models\FrameMove;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;

/**
 * What was seen in boxes, with the frames that went from or into them since. A frame moved keeps what was seen on it;
 * one painted after it came or went is as it was painted.
 */
final class MovedFrames
{
    /**
     * @param  array<string, Look>  $looks  by box id
     * @param  array<string, string>  $since  box id => date since when it stands in its hive
     * @return array<string, Look> by box id
     */
    public function onto(array $looks, array $since): array
    {
        $moves = $this->moves(array_keys($since));
        if ($moves === []) {
            return $looks;
        }
        $touched = array_intersect_key($looks, $moves);
        $painted = $this->painted(array_values(array_filter(
            array_map(static fn (Look $look): ?string => $look->id, $touched),
        )));
        foreach ($moves as $box => $of) {
            $look = $looks[$box] ?? new Look;
            $here = array_filter($of, static fn (SlotMove $one): bool => $one->on >= $since[$box]);
            $looks[$box] = self::after($look, $here, $painted[$look->id ?? ''] ?? []);
        }

        return $looks;
    }

    /**
     * @param  list<string>  $boxes
     * @return array<string, list<SlotMove>> by box, in the order in which they happened
     */
    private function moves(array $boxes): array
    {
        $rows = FrameMove::query()
            ->where(static fn ($that) => $that->whereIn('from_box_id', $boxes)->orWhereIn('to_box_id', $boxes))
            ->orderBy('moved_on')
            ->orderBy('made_at')
            ->orderBy('id')
            ->toBase()
            ->get();
        $wanted = array_flip($boxes);
        $moves = [];
        foreach ($rows as $row) {
            $values = (array) $row;
            foreach (['from', 'to'] as $end) {
                $box = $values["{$end}_box_id"] ?? null;
                if (is_string($box) && isset($wanted[$box])) {
                    $moves[$box][] = SlotMove::of($values, $end);
                }
            }
        }

        return $moves;
    }

    /**
     * @param  list<string>  $looks  ids
     * @return array<string, array<int, string>> when each slot was painted, by look
     */
    private function painted(array $looks): array
    {
        $painted = [];
        foreach (FrameLook::query()->whereIn('assessment_id', $looks)->toBase()->get() as $row) {
            $painted[(string) $row->assessment_id][(int) $row->slot] = (string) $row->painted_at;
        }

        return $painted;
    }

    /**
     * @param  array<array-key, SlotMove>  $moves
     * @param  array<int, string>  $painted  when, by slot
     */
    private static function after(Look $look, array $moves, array $painted): Look
    {
        $day = $look->at?->format('Y-m-d') ?? '';
        $last = [];
        foreach ($moves as $move) {
            $before = $last[$move->slot] ?? null;
            // Of one write all go out before any comes in: frames change places.
            if ($before === null || $before->at() !== $move->at() || $before->out) {
                $last[$move->slot] = $move;
            }
        }
        $frames = $look->frames;
        $gaps = $combs = [];
        foreach ($last as $slot => $move) {
            if (! $move->out && $move->comb !== null) {
                $combs[$slot] = $move->comb;
            }
            $isPaintedSince = isset($frames[$slot]) && [$day, $painted[$slot] ?? ''] > [$move->on, $move->madeAt];
            if ($isPaintedSince) {
                continue;
            }
            unset($frames[$slot]);
            if ($move->out) {
                $gaps[] = $slot;
                $frames[$slot] = new Frame($slot, new Face, new Face, gone: true);
            } elseif ($move->on >= $day) {
                $frames[$slot] = $move->frame();
            }
        }
        ksort($frames);
        sort($gaps);

        return $look->with($frames, $gaps, $combs);
    }
}
