<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Box;
use App\Models\MoistureReading;
use App\Support\CurrentOperation;
use App\Support\Http\Saved;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;

final class ReadingController
{
    public function store(ReadingRequest $request, Box $box, TodaysLook $today, CurrentOperation $current): RedirectResponse
    {
        $reading = $request->reading();
        MoistureReading::query()->create(['assessment_id' => $today->of($box)->id, 'scale' => $reading->scale->value, 'value' => $reading->value, 'temperature_c' => $reading->temperatureC,
            'compensated' => $reading->compensated, 'offset' => $reading->offset, 'read_at' => $current->now()->setTimezone(new DateTimeZone('UTC'))]);

        return Saved::at(BoxPage::url($box), __('The reading is noted.'));
    }

    public function destroy(MoistureReading $reading): RedirectResponse
    {
        $reading->load('assessment.box')->delete();

        return Saved::at($reading->assessment === null ? route('assess.index') : BoxPage::url($reading->assessment->box), __('The reading is removed.'));
    }
}
