<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Models\Hive;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Comb\Frame;

/**
 * Holds the hives of frames until a write is done: of two who take one frame at once the second is told, as what was
 * shown is not what is stored any more.
 */
final readonly class HeldFrames
{
    public function __construct(private YardReader $yards)
    {
    }

    /**
     * @param  ?string  $alsoHive  id of the hive that they go to
     * @param  bool  $alone  the others stay as they are, whatever somebody does with them
     * @return Collection<array-key, Hive> by id
     *
     * @throws ValidationException where something of these hives was moved or painted meanwhile
     */
    public function hold(YardFrames $frames, ?string $alsoHive = null, bool $alone = false): Collection
    {
        $slots = [];
        foreach ($alone ? $frames->chosen : [] as $frame) {
            $slots[$frame->box->id][$frame->slot()] = true;
        }
        $stand = static fn (HiveState $hive): array => self::stand($hive, $alone ? $slots : null);
        $shown = [];
        foreach ($frames->hives as $hive) {
            if ($frames->of($hive) !== []) {
                $shown[$hive->hive->id] = $stand($hive->hive);
            }
        }
        $held = Hive::query()
            ->whereKey([...array_keys($shown), $alsoHive ?? ''])
            ->orderBy('id')
            ->lockForUpdate()
            ->get();
        // Read now that they are held, and not from what was kept of them.
        $stored = array_map($stand, $this->yards->asStored($frames->apiary, array_keys($shown)));
        if ($shown != $stored) {
            throw ValidationException::withMessages([
                'f' => __('Somebody else changed frames of these hives just now. Load the page again.'),
            ]);
        }

        return $held->load('colony')->keyBy('id');
    }

    /**
     * @param  ?array<string, array<int, true>>  $slots  by box: those that it is about; null for all
     * @return array<string, array<int, Frame>> what is known of the frames of each box, by slot
     */
    private static function stand(HiveState $hive, ?array $slots): array
    {
        $boxes = [];
        foreach ($hive->boxes as $box) {
            $boxes[$box->id] = $slots === null
                ? $box->look->frames
                : array_intersect_key($box->look->frames, $slots[$box->id] ?? []);
        }

        return $boxes;
    }
}
