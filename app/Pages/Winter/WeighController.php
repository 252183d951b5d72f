<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Winter\WeighedHives;
use App\Foundation\Http\Saved;
use App\Models\Hive;
use App\Models\HiveWeighing;
use App\Words\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\InvalidInput;

/** A hive weighed: its tare is built from the boxes that stood there that day. */
final readonly class WeighController
{
    public function __construct(private CurrentOperation $current, private Wording $say)
    {
    }

    public function store(WeighRequest $request, Hive $hive, WeighedHives $weighed): RedirectResponse
    {
        $on =
            $request->text('weighed_on') !== ''
                ? $request->text('weighed_on')
                : $this->current->day();
        if ($on > $this->current->day()) {
            throw ValidationException::withMessages(['weighed_on' => __('A weighing cannot be dated after today.')]);
        }
        try {
            $weighed->weigh(
                $hive->id,
                $on,
                $request->how(),
                $request->readings(),
                (float) $request->text('frames_of_bees'),
            )->save();
        } catch (InvalidInput $refusal) {
            throw ValidationException::withMessages([
                str_starts_with($refusal->pointer, '/readings') ? 'first' : 'frames_of_bees' => $this->say->refusal(
                    $refusal,
                ),
            ]);
        }
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
}
