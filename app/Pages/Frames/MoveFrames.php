<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardReader;
use App\Models\Box;
use App\Models\FrameWhy;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;

/** Frames go to another box (honey for a hungry hive, brood to a split), into store, or are melted down. */
final readonly class MoveFrames
{
    public const STORE = 'store';

    public const CULL = 'cull';

    public const SWAP = 'swap';

    public function __construct(private YardReader $yards, private HeldFrames $held)
    {
    }

    /**
     * @param  string  $to  store, cull, or the mark of a box on a hive, with a slot to go to or near ("M004/3")
     * @return string where they are now, in words
     *
     * @throws ValidationException where they do not fit
     */
    public function move(YardFrames $frames, string $to, DateTimeImmutable $on): string
    {
        if ($to === self::SWAP) {
            return $this->swap($frames, $on);
        }
        [$mark, $slot] = explode('/', "$to/");
        $box = in_array($to, [self::STORE, self::CULL], true) ? null : $this->standing($mark);
        $this->held->hold($frames, $box?->place?->hive_id);
        $record = new MoveRecord($on);
        if ($box === null) {
            $why = $to === self::STORE ? FrameWhy::Stored : FrameWhy::Culled;
            foreach ($frames->chosen as $frame) {
                $record->out($frame, $why);
            }

            return $to === self::STORE ? __('in store') : __('melted down');
        }
        $state = $this->state($box);
        $gaps = $this->gaps($frames, $state, (int) $slot ?: 0.5 * ($state->fitted->framesFitted + 1));
        foreach ($frames->chosen as $i => $frame) {
            $record->to($frame, $state, $gaps[$i], FrameWhy::Moved);
        }

        return __('in :box, :hive', ['box' => $box->mark, 'hive' => $box->place->hive->code ?? '']);
    }

    private function swap(YardFrames $frames, DateTimeImmutable $on): string
    {
        [$one, $two] = [$frames->chosen[0] ?? null, $frames->chosen[1] ?? null];
        if ($one === null || $two === null || count($frames->chosen) !== 2) {
            throw ValidationException::withMessages(['to' => __('Two frames change places: choose two.')]);
        }
        self::mustFit($one, $two->box);
        $this->held->hold($frames);
        $record = new MoveRecord($on);
        $record->to($one, $two->box, $two->slot(), FrameWhy::Swapped);
        $record->to($two, $one->box, $one->slot(), FrameWhy::Swapped);

        return __('they have changed places');
    }

    private static function mustFit(FrameOffer $frame, BoxState $box): void
    {
        $kind = $box->fitted->kind;
        if ($frame->box->fitted->kind->combAreaDm2 !== $kind->combAreaDm2) {
            throw ValidationException::withMessages(['to' => __('Frame :frame does not fit into a :kind.', [
                'frame' => $frame->mark(),
                'kind' => $kind->name,
            ])]);
        }
    }

    private function standing(string $mark): Box
    {
        return Box::query()->where('mark', $mark)->whereHas('place')->with('place.hive.stand.apiary')->first()
            ?? throw ValidationException::withMessages(['to' => __('No hive has a box :mark.', ['mark' => $mark])]);
    }

    private function state(Box $box): BoxState
    {
        $hive = $box->place?->hive;
        $stored = $hive === null ? [] : $this->yards->asStored($hive->stand->apiary, [$hive->id]);
        $state = $hive === null ? null : ($stored[$hive->id] ?? null)?->box($box->id);

        return $state ?? throw ValidationException::withMessages(['to' => __('This box is no longer there.')]);
    }

    /**
     * @return list<int> free slots for the frames, the nearest first
     *
     * @throws ValidationException where there are too few, or the frames are of another kind
     */
    private function gaps(YardFrames $frames, BoxState $box, float $near): array
    {
        foreach ($frames->chosen as $frame) {
            self::mustFit($frame, $box);
        }
        $gaps = $box->look->gaps;
        usort($gaps, static fn (int $a, int $b): int => abs($a - $near) <=> abs($b - $near));
        if (count($gaps) < count($frames->chosen)) {
            throw ValidationException::withMessages(['to' => trans_choice(
                '{0} Box :mark has no gap: take a frame out first.|{1} Box :mark has :count gap.|[2,*] Box :mark has :count gaps.',
                count($gaps),
                ['mark' => $box->mark],
            )]);
        }

        return array_slice($gaps, 0, count($frames->chosen));
    }
}
