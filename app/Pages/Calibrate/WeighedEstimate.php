<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Inspections\LookReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Assessment;
use App\Models\Box;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\Super;

/** What the last look at a box says of the frames that were weighed, without any correction of the fill. */
final readonly class WeighedEstimate
{
    public function __construct(
        private BoxKindReader $kinds,
        private LookReader $looks,
        private CurrentOperation $current,
    ) {
    }

    /**
     * @param  list<int>|null  $slots  null for the whole box
     * @return Kilograms its own error is that of painting and of frames not looked at
     *
     * @throws ValidationException when there is no look to compare with
     */
    public function of(Box $box, ?array $slots): Kilograms
    {
        $look =
            Assessment::query()->where('box_id', $box->id)->whereHas('frames')->latest('looked_at')->first() ??
            throw ValidationException::withMessages([
                'mark' => __('Box :mark was never inspected. The weights have no estimate to compare with.', [
                    'mark' => $box->mark,
                ]),
            ]);
        $fitted = $this->kinds->fitted($box);
        $frames = array_values(
            array_filter(
                $this->looks->frames([$look])[$look->id] ?? [],
                static fn (Frame $frame): bool => $frame->slot <= $fitted->framesFitted,
            ),
        );
        $assumptions = Policy::of($this->current->get())->fill->presumed();
        if ($slots === null) {
            return (new Ripeness)->estimate(new Super($fitted, $frames, comb: $assumptions))->honey;
        }
        $weighed = array_values(
            array_filter($frames, static fn (Frame $frame): bool => in_array($frame->slot, $slots, true)),
        );
        if (count($weighed) !== count($slots)) {
            throw ValidationException::withMessages([
                'slots' => __('Not all of frames :n were inspected. Only inspected frames can be compared.', [
                    'n' => implode(', ', $slots),
                ]),
            ]);
        }

        return (new Comb($assumptions))->honeyIn($fitted, $weighed)->honey;
    }
}
