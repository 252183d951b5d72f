<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Hives\YardReader;
use App\Foundation\Http\Saved;
use App\Models\Assessment;
use App\Models\Box;
use App\Models\FrameLook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Frames recorded without painting each: like another frame of the box, or as they were at the look before. */
final readonly class AlikeController
{
    public function __construct(
        private LookOfDay $today,
        private BoxKindReader $kinds,
        private YardReader $yards,
    ) {
    }

    public function store(Request $request, Box $box): JsonResponse|RedirectResponse
    {
        $values = $request->validate([
            'what' => ['required', Rule::in(['alike', 'before'])],
            'slot' => ['nullable', 'integer', 'between:1,30'],
            'seen_on' => ['nullable', 'date_format:Y-m-d'],
            'back' => ['nullable', 'integer', 'between:1,30'],
        ]);
        $day = $values['seen_on'] ?? null;
        $look = $this->today->of($box, $day);
        $slot = isset($values['slot']) ? (int) $values['slot'] : null;
        $gaps = $day === null ? $this->gaps($box) : [];
        $count =
            $values['what'] === 'alike'
                ? $this->alike($box, $look, $slot ?? 0, $gaps)
                : $this->before($box, $look, $day, $slot, $gaps);

        if ($request->expectsJson()) {
            return new JsonResponse(['versions' => (object) self::versions($look)]);
        }

        return Saved::at(
            BoxPage::url($box, $slot ?? (isset($values['back']) ? (int) $values['back'] : null), $day).'#painter',
            trans_choice('{1} :count frame is recorded.|[2,*] :count frames are recorded.', $count),
        );
    }

    /** @return array<int, int> of the frames taken as like another, by slot */
    private static function versions(Assessment $look): array
    {
        return FrameLook::query()
            ->where('assessment_id', $look->id)
            ->where('glanced', true)
            ->get()
            ->mapWithKeys(static fn (FrameLook $frame): array => [$frame->slot => $frame->version])
            ->all();
    }

    /** @return list<int> slots that hold no frame now: of none can be said that it looks like another */
    private function gaps(Box $box): array
    {
        $hive = $box->load('place.hive.stand.apiary')->place?->hive;
        $state = $hive === null ? null : $this->yards->hive($hive->stand->apiary, $hive->code)?->box($box->id);

        return $state->look->gaps ?? [];
    }

    /** @param  list<int>  $gaps */
    private function alike(Box $box, Assessment $look, int $slot, array $gaps): int
    {
        $model =
            $look->frames->firstWhere('slot', $slot) ??
            throw ValidationException::withMessages([
                'slot' => __('Paint frame :n first. Then you can copy it to the whole super.', ['n' => $slot]),
            ]);
        $fitted = $this->kinds->fitted($box)->framesFitted;
        $count = 0;
        for ($n = 1; $n <= $fitted; $n++) {
            $frame = $look->frames->firstWhere('slot', $n);
            $isFree = $frame === null || $frame->glanced;
            if ($n !== $slot && $isFree && ! in_array($n, $gaps, true)) {
                $this->record($look, $n, $model, true);
                $count++;
            }
        }

        return $count > 0
            ? $count
            : throw ValidationException::withMessages([
                'slot' => __('You have already inspected every frame of this super.'),
            ]);
    }

    /** @param  list<int>  $gaps */
    private function before(Box $box, Assessment $look, ?string $day, ?int $slot, array $gaps): int
    {
        $before = $this->today->before($box, $day);
        $count = 0;
        foreach ($before->frames ?? [] as $frame) {
            if (
                ($slot === null || $frame->slot === $slot) &&
                ($slot !== null || ! ($look->frames->contains('slot', $frame->slot) || in_array($frame->slot, $gaps, true)))
            ) {
                // A single frame found alike was pulled; the frames of a whole super said to be alike were not.
                $this->record($look, $frame->slot, $frame, $slot === null || $frame->glanced);
                $count++;
            }
        }

        return $count > 0
            ? $count
            : throw ValidationException::withMessages([
                'slot' => $before === null
                        ? __('This super has no earlier inspection on this hive.')
                        : __('The earlier inspection has nothing to repeat here.'),
            ]);
    }

    private function record(Assessment $look, int $slot, FrameLook $model, bool $glanced): void
    {
        $values = ['glanced' => $glanced, 'a' => $model->a, 'b' => $model->b];
        $frame = $look->frames->firstWhere('slot', $slot);
        $frame === null
            ? FrameLook::query()->create(['assessment_id' => $look->id, 'slot' => $slot] + $values)
            : $frame->update($values);
    }
}
