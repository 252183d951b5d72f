<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\BoxPlace;
use App\Models\Hive;
use App\Models\HiveWeighing;
use App\Words\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Reserve\HiveWeight;

/** A hive weighed: its tare is built from the boxes that stood there that day. */
final readonly class WeighController
{
    public function __construct(private CurrentOperation $current, private BoxKindReader $kinds, private Wording $say)
    {
    }

    public function store(WeighRequest $request, Hive $hive): RedirectResponse
    {
        $on =
            $request->text('weighed_on') !== ''
                ? $request->text('weighed_on')
                : $this->current->day();
        if ($on > $this->current->day()) {
            throw ValidationException::withMessages(['weighed_on' => __('A weighing cannot be dated after today.')]);
        }
        $boxes = BoxPlace::query()
            ->where('hive_id', $hive->id)
            ->where('since', '<=', $on)
            ->where(fn ($then) => $then->whereNull('until')->orWhere('until', '>', $on))
            ->with('box')
            ->get();
        $bees = (float) $request->text('frames_of_bees');
        try {
            $weight = HiveWeight::of(
                $request->how(),
                $request->readings(),
                array_values(
                    $boxes->map($this->emptyKg(...))->all(),
                ),
                $bees,
            );
        } catch (InvalidInput $refusal) {
            throw ValidationException::withMessages([
                str_starts_with($refusal->pointer, '/readings') ? 'first' : 'frames_of_bees' => $this->say->refusal(
                    $refusal,
                ),
            ]);
        }
        HiveWeighing::query()->create([
            'hive_id' => $hive->id,
            'weighed_on' => $on,
            'how' => $request->how(),
            'readings' => $request->readings(),
            'frames_of_bees' => $bees,
            'tare_kg' => round($weight->tareKg, 3),
            'stores_kg' => round($weight->storesKg, 3),
            'stores_sd_kg' => round($weight->sdKg, 3),
            'reading_sd_kg' => round($weight->readingSdKg, 3),
        ]);
        $hive->load('stand.apiary');

        return Saved::at(
            route('winter.hive', [$hive->stand->apiary->slug, $hive->code]),
            __('The weighing of :hive is saved.', ['hive' => $hive->code]),
        );
    }

    public function destroy(HiveWeighing $hiveWeighing): RedirectResponse
    {
        $hiveWeighing->load('hive.stand.apiary')->delete();

        return Saved::at(
            route('winter.hive', [$hiveWeighing->hive->stand->apiary->slug, $hiveWeighing->hive->code]),
            __('The weighing is removed.'),
        );
    }

    private function emptyKg(BoxPlace $place): float
    {
        return $this->kinds->get($place->box->kind)->emptyMassKg;
    }
}
