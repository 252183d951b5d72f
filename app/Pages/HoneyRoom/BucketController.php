<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Harvest\LotLedger;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Bucket;
use App\Models\Lot;
use App\Pages\HoneyRoom\Equipment\RoomScale;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

final readonly class BucketController
{
    /** Resolution of the scale, kg. */
    private const GRAIN_KG = 0.005;

    /** Minutes within which the same weight is probably the same bucket. */
    private const JUST_NOW = 5;

    public function __construct(private CurrentOperation $current)
    {
    }

    /** Opens a bucket's label: its line on the page of its lot. */
    public function show(Bucket $bucket): RedirectResponse
    {
        $lot = route('honey-room.lot', ['lot' => $bucket->lot_id, 'bucket' => $bucket->number]);

        return redirect("$lot#bucket-$bucket->number");
    }

    public function store(BucketRequest $request, RoomScale $scale, Lot $lot): RedirectResponse
    {
        RoomChecks::mustBeDone($this->current->today());
        $lot->claim(null);
        $gross = $request->onScale() ? $request->grossOf($scale->kg()) : (float) $request->kg('gross');
        self::mustBeAnother($request, $lot, $gross);
        $number = (int) Bucket::withBinned()->where('lot_id', $lot->id)->max('number') + 1;
        $lot->buckets()->create([
            'number' => $number,
            'gross_kg' => $gross,
            'tare_kg' => $request->tareKg(),
            'water_pct' => $request->water(),
            'weighed_at' => $this->current->utc(),
        ]);
        LotLedger::settle($lot);

        return Saved::at(route('honey-room.lot', $lot->id), __('Bucket :n is weighed.', ['n' => $number]));
    }

    /** @throws ValidationException where the last one weighed the same just now, and nobody says that it is another */
    private static function mustBeAnother(BucketRequest $request, Lot $lot, float $gross): void
    {
        $last = $lot->buckets()->reorder()->latest('number')->first();
        $isSame = $last !== null
            && abs($last->gross_kg - $gross) < self::GRAIN_KG
            && abs($last->tare_kg - $request->tareKg()) < self::GRAIN_KG
            && $last->water_pct === $request->water()
            && $last->created_at?->gt(now()->subMinutes(self::JUST_NOW)) === true;
        if ($isSame && ! $request->boolean('again')) {
            throw ValidationException::withMessages(['again' => __(
                'Bucket :n had the same weight a moment ago. If this is another bucket, tick "another bucket of the same weight".',
                ['n' => $last->number],
            )]);
        }
    }

    public function update(BucketRequest $request, Bucket $bucket): RedirectResponse
    {
        // The lot is locked before its buckets, since it is settled at the end.
        $bucket->load('lot')->lot->claim(null);
        $bucket->claim($request->input('version'))->load('pours');
        $poured = (float) $bucket->pours->sum('kg');
        if ((float) $request->kg('gross') - (float) $request->tareKg() < $poured - 0.005) {
            throw ValidationException::withMessages(['gross' => __(':kg were poured out of this bucket already. Enter at least that.', [
                'kg' => app(Formatter::class)->kg($poured, 2),
            ])]);
        }
        $bucket
            ->update([
                'gross_kg' => $request->kg('gross'),
                'tare_kg' => $request->tareKg(),
            ] + ($request->has('water') ? ['water_pct' => $request->water()] : []));
        LotLedger::settle($bucket->lot);

        return Saved::at(
            route('honey-room.lot', $bucket->lot_id),
            __('Bucket :n is corrected.', ['n' => $bucket->number]),
        );
    }

    public function destroy(Bucket $bucket): RedirectResponse
    {
        $bucket->load('lot')->lot->claim(null);
        $bucket->claim(null)->load('pours');
        if ($bucket->pours->isNotEmpty()) {
            throw ValidationException::withMessages([
                'bucket' => __('Bucket :n was poured already. Undo its pourings first.', ['n' => $bucket->number]),
            ]);
        }
        $bucket->delete();
        LotLedger::settle($bucket->lot);

        return Saved::at(
            route('honey-room.lot', $bucket->lot_id),
            __('Bucket :n is in the bin.', ['n' => $bucket->number]),
        );
    }
}
