<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Hives\YardReader;
use App\Foundation\Http\Saved;
use App\Foundation\Writes\Conflict;
use App\Models\Apiary;
use App\Models\Assessment;
use App\Models\Box;
use App\Models\FrameLook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** One frame as it was seen: the painter's one small write, or the form's without scripts. */
final readonly class FrameController
{
    public function __construct(
        private LookOfDay $today,
        private BoxKindReader $kinds,
        private YardReader $yards,
        private BoardReader $boards,
    ) {
    }

    public function update(PaintFrameRequest $request, Box $box, int $slot): JsonResponse|RedirectResponse
    {
        $fitted = $this->kinds->fitted($box)->framesFitted;
        if ($slot < 1 || $slot > $fitted) {
            throw ValidationException::withMessages([
                'slot' => __('This box has frames 1 to :n, but no frame :slot.', [
                    'n' => $fitted,
                    'slot' => $slot,
                ]),
            ]);
        }
        $day = $request->day();
        $look = $this->today->of($box, $day);
        $frame = $this->keep($look, $slot, $request);
        $known = ['frame' => $frame->id, 'version' => $frame->version, 'saved' => __('saved')];
        if ($request->isBrief()) {
            return new JsonResponse($known);
        }
        $box->load('place.hive.stand.apiary');
        $hive = $box->place?->hive;
        if (! $request->expectsJson()) {
            return Saved::at(
                BoxPage::url($box, min($fitted, $slot + 1), $day),
                __('Frame :n is saved.', ['n' => $slot]),
            );
        }

        return new JsonResponse(
            $known + ($hive === null ? [] : $this->verdict($hive->stand->apiary, $hive->code, $box)),
        );
    }

    /** @throws Conflict when the frame has been painted by another since this one was opened */
    private function keep(Assessment $look, int $slot, PaintFrameRequest $request): FrameLook
    {
        $place = ['assessment_id' => $look->id, 'slot' => $slot];
        $frame = FrameLook::query()->where($place)->lockForUpdate()->first();
        if ($frame === null) {
            return FrameLook::query()->create($place + $request->faces());
        }
        // A painted frame replaces one that was only said to be alike.
        $isGivenWay = $frame->glanced && $request->version() === 0;
        $frame->claim($isGivenWay ? null : $request->version())->update(['glanced' => false] + $request->faces());

        return $frame;
    }

    public function destroy(FrameLook $frame): RedirectResponse
    {
        $frame->load('assessment.box.place.hive.stand.apiary')->delete();

        return Saved::at(
            BoxPage::url($frame->assessment->box, $frame->slot),
            __('Frame :n counts as not inspected again.', ['n' => $frame->slot]),
        );
    }

    /**
     * Reads the hive again: the cached state is older than this write.
     *
     * @return array<string, string> the verdict again, as the page shows it while painting
     */
    private function verdict(Apiary $apiary, string $code, Box $box): array
    {
        $hive = $this->yards->hive($apiary, $code);
        $state = $hive?->box($box->id);
        if ($hive === null || $state === null) {
            return [];
        }
        $next = NextStop::after($apiary->slug, $this->boards->of($apiary), $hive, $state);
        $with = ['box' => $state, 'code' => $code, 'next' => $next];

        return ['html' => view('assess.why', $with)->render(), 'line' => view('assess.line', $with)->render()];
    }
}
