<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Foundation\Http\Saved;
use App\Models\Box;
use App\Models\BoxWeighing;
use App\Models\Instrument;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What the operation's own weighings and check samples say of the assumptions behind every estimate. */
final readonly class CalibrateController
{
    public function __construct(private FillReader $fills, private CurrentOperation $current)
    {
    }

    public function show(PastWinter $past, FillPicture $picture): View
    {
        return view('calibrate.show', [
            'winter' => $past->read(),
            'factor' => Policy::of($this->current->get())->winter->factor,
            'fills' => $this->fills->read(),
            'picture' => $picture,
            'weighings' => BoxWeighing::query()->with('box')->orderByDesc('weighed_on')->limit(40)->get(),
            'instruments' => Instrument::query()->orderBy('name')->get(),
        ]);
    }

    public function weigh(WeighingRequest $request, WeighedEstimate $estimate): RedirectResponse
    {
        $mark = $request->text('mark');
        $box =
            Box::query()->where('mark', $mark)->first() ??
            throw ValidationException::withMessages(['mark' => __('No box has the mark ":mark".', ['mark' => $mark])]);
        $slots = $request->slots();
        $honey = $estimate->of($box, $slots);
        BoxWeighing::query()->create([
            'box_id' => $box->id,
            'kind' => $box->kind,
            'slots' => $slots,
            'before_kg' => $request->kg('before'),
            'after_kg' => $request->kg('after'),
            'estimate_kg' => round($honey->kg, 3),
            'own_sd_kg' => round($honey->ownSdKg, 3),
            'weighed_on' => $this->current->day(),
        ]);

        return Saved::at(route('calibrate.show'), __('The weighing is saved.'));
    }

    public function forget(BoxWeighing $weighing): RedirectResponse
    {
        $weighing->delete();

        return Saved::at(route('calibrate.show'), __('The weighing is removed.'));
    }

    /** Takes what was learnt of a kind into the policy as a new version, or out of it. */
    public function fill(Request $request): RedirectResponse
    {
        $values = $request->validate(['kind' => ['required', 'string', 'max:40'], 'take' => ['required', 'boolean']]);
        $kind = (string) $values['kind'];
        $operation = $this->current->get();
        $factors = is_array($operation->policy['fill_factors'] ?? null) ? $operation->policy['fill_factors'] : [];
        if ((bool) $values['take']) {
            $fill =
                $this->fills->read()[$kind] ??
                throw ValidationException::withMessages(['kind' => __('No box of this kind was weighed.')]);
            $factors[$kind] = [
                'factor' => round($fill->learnt->factor, 4),
                'sd' => round($fill->learnt->boxRelativeSd(), 4),
                'count' => $fill->learnt->count,
            ];
        } else {
            unset($factors[$kind]);
        }
        $policy = ['fill_factors' => $factors] + $operation->policy;
        $operation->adopt($policy);

        return Saved::at(
            route('calibrate.show'),
            __('The policy is saved.'),
        );
    }
}
