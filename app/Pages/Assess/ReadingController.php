<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Operation\CurrentOperation;
use App\Devices\AskedInstrument;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Box;
use App\Models\Instrument;
use App\Models\MoistureReading;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Marjoram\Core\Moisture\Reading;

final readonly class ReadingController
{
    public function __construct(
        private LookOfDay $today,
        private CurrentOperation $current,
        private KeepReading $readings,
    ) {
    }

    public function store(ReadingRequest $request, Box $box): RedirectResponse
    {
        $day = $request->day();
        $this->note($box, $request->reading(), $request->instrument(), $day);

        return Saved::at(BoxPage::url($box, null, $day), __('The reading is saved.'));
    }

    /** Reads an instrument that can be read, with the offset of its last check. */
    public function instrument(Request $request, Box $box): RedirectResponse
    {
        $values = $request->validate(['instrument' => ['required', 'string', 'max:26']]);
        $asked = AskedInstrument::ask($values['instrument']);
        $this->note($box, $asked->reading, $asked->instrument, null);

        return Saved::at(
            BoxPage::url($box),
            __(':name read :value at :temperature.', [
                'name' => $asked->instrument->name,
                'value' => $asked->reading->value,
                'temperature' => app(Formatter::class)->celsius($asked->reading->temperatureC),
            ]),
        );
    }

    private function note(Box $box, Reading $reading, ?Instrument $instrument, ?string $day): void
    {
        $at = $day === null ? $this->current->now() : $this->today->day($day)->setTime(12, 0);
        $this->readings->of($this->today->of($box, $day), $reading, $instrument, $at);
    }

    public function destroy(MoistureReading $reading): RedirectResponse
    {
        $reading->load('assessment.box')->delete();

        return Saved::at(
            $reading->assessment === null ? route('assess.index') : BoxPage::url($reading->assessment->box),
            __('The reading is removed.'),
        );
    }
}
