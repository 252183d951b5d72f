<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Apiary;
use App\Models\Box;
use App\Models\FrameLook;
use App\Support\Conflict;
use App\Support\Http\Saved;
use App\Yards\Kinds;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** One frame as it was seen: the painter's one small write, or the form's without scripts. */
final readonly class FrameController
{
    public function __construct(private TodaysLook $today, private Kinds $kinds, private YardReader $yards)
    {
    }

    public function update(FrameRequest $request, Box $box, int $slot): JsonResponse|RedirectResponse
    {
        $fitted = $box->frames_fitted ?? $this->kinds->get($box->kind)->frames;
        if ($slot < 1 || $slot > $fitted) {
            throw ValidationException::withMessages(['slot' => __('This box has frames 1 to :n; there is no frame :slot.', ['n' => $fitted, 'slot' => $slot])]);
        }
        $look = $this->today->of($box);
        $frame = FrameLook::query()->where('assessment_id', $look->id)->where('slot', $slot)->first();
        if ($frame !== null) {
            $this->claim($frame, $request->version());
            $frame->update($request->shares());
        } else {
            $frame = FrameLook::query()->create(['assessment_id' => $look->id, 'slot' => $slot] + $request->shares());
        }
        $box->load('place.hive.stand.apiary');
        $hive = $box->place?->hive;
        assert($hive !== null);
        $apiary = $hive->stand->apiary;
        if (! $request->expectsJson()) {
            return Saved::at(route('assess.hive', [$apiary->slug, $hive->code, 'box' => $box->id, 'slot' => min($fitted, $slot + 1)]), __('Frame :n is saved.', ['n' => $slot]));
        }

        return new JsonResponse(['frame' => $frame->id, 'version' => $frame->version, 'saved' => __('saved')] + $this->verdict($apiary, $hive->code, $box));
    }

    public function destroy(FrameLook $frame): RedirectResponse
    {
        $frame->load('assessment.box.place.hive.stand.apiary')->delete();
        $hive = $frame->assessment->box->place?->hive;

        return Saved::at($hive === null ? route('assess.index') : route('assess.hive', [$hive->stand->apiary->slug, $hive->code, 'box' => $frame->assessment->box_id, 'slot' => $frame->slot]), __('Frame :n counts as not looked at again.', ['n' => $frame->slot]));
    }

    private function claim(FrameLook $frame, ?int $version): void
    {
        if ($version !== null && $version !== $frame->version) {
            throw Conflict::changedMeanwhile(__('Frame :n', ['n' => $frame->slot]), ['version' => $frame->version,
                'a' => ['capped' => $frame->a_capped, 'open' => $frame->a_open, 'brood' => $frame->a_brood, 'pollen' => $frame->a_pollen],
                'b' => ['capped' => $frame->b_capped, 'open' => $frame->b_open, 'brood' => $frame->b_brood, 'pollen' => $frame->b_pollen]]);
        }
    }

    /**
     * Read afresh: what is kept is from before this write.
     *
     * @return array<string, string> the verdict anew, as the page shows it while painting
     */
    private function verdict(Apiary $apiary, string $code, Box $box): array
    {
        $state = $this->yards->read([$apiary->slug])[0]->hives[$code]->box($box->id);
        if ($state === null) {
            return [];
        }

        return ['html' => view('assess.why', ['box' => $state, 'apiary' => $apiary, 'code' => $code])->render()];
    }
}
