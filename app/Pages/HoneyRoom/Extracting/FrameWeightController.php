<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\Equipment\RoomScale;
use App\Pages\HoneyRoom\SuperFrame;
use App\Pages\HoneyRoom\SuperFrames;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** A frame on the scale before it goes into the extractor: the balance is calculated with what it weighs. */
final readonly class FrameWeightController
{
    public function __construct(private SuperFrames $frames, private Formatter $format)
    {
    }

    public function update(
        FrameWeightRequest $request,
        RoomScale $scale,
        TakenSuper $super,
        int $slot,
    ): RedirectResponse {
        $super->claim(null)->load(['box', 'hive']);
        $slots = array_map(static fn (SuperFrame $one): int => $one->slot, $this->frames->of($super));
        if (! $super->station->isFull() || ! in_array($slot, $slots, true)) {
            throw ValidationException::withMessages(['kg' => __('Frame :slot of :super is not waiting here.', [
                'slot' => $slot,
                'super' => $super->title(),
            ])]);
        }
        $kg = $request->input('weigh') === 'scale' ? $scale->kg() : $request->kg('kg');
        if ($kg === null || $kg > FrameWeightRequest::MOST_KG) {
            throw ValidationException::withMessages(['kg' => __('A frame weighs at most :most.', [
                'most' => $this->format->kg(FrameWeightRequest::MOST_KG),
            ])]);
        }
        $super->update(['frame_grams' => [$slot => round(1000.0 * $kg, 1)] + ($super->frame_grams ?? [])]);

        return Saved::at(route('honey-room.extractor'), __('Frame :slot of :super: :kg.', [
            'slot' => $slot,
            'super' => $super->title(),
            'kg' => $this->format->kg($kg, 2),
        ]));
    }
}
