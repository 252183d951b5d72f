<?php

declare(strict_types=1);

namespace App\Pages\Watch\Scales;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\HiveScale;
use App\Models\ScaleImport;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** The scales of a yard: which hive they stand under, the secret with which they send, their files. */
final readonly class ScaleController
{
    public function __construct(private YardReader $yards, private CurrentOperation $current)
    {
    }

    public function index(Apiary $apiary): View
    {
        $scales = HiveScale::query()->where('apiary_id', $apiary->id)->with('hive')->orderBy('name')->get();

        return view('watch.scales', [
            'apiary' => $apiary,
            'hives' => array_flip($this->yards->hiveIds($apiary)),
            'scales' => $scales,
            'imports' => ScaleImport::query()
                ->whereIn('hive_scale_id', $scales->modelKeys())
                ->orderByDesc('id')
                ->get()
                ->groupBy('hive_scale_id'),
            'zone' => $this->current->get()->time_zone,
        ]);
    }

    public function store(Request $request, Apiary $apiary): RedirectResponse
    {
        $values = $request->validate([
            'name' => ['required', 'string', 'max:40'],
            'hive' => ['required', 'string', Rule::in(array_values($this->yards->hiveIds($apiary)))],
        ]);
        HiveScale::query()->create([
            'apiary_id' => $apiary->id,
            'hive_id' => $values['hive'],
            'name' => $values['name'],
        ]);

        return Saved::at(route('watch.scales', $apiary->slug), __('The scale is entered.'));
    }

    /** Makes a new secret; the old one no longer works. */
    public function secret(Request $request, HiveScale $hiveScale): RedirectResponse
    {
        $token = Str::random(40);
        $version = $request->input('version');
        $hiveScale
            ->claim(is_string($version) ? $version : null)
            ->load('apiary')
            ->update(['token_hash' => hash('sha256', $token)]);

        // The secret is shown only now; its hash is saved.
        return Saved::at(
            route('watch.scales', $hiveScale->apiary->slug)."#s-$hiveScale->id",
            __('The secret is created. Copy it now: it is shown only once.'),
        )->with('secret', [$hiveScale->id, $token]);
    }

    public function destroy(HiveScale $hiveScale): RedirectResponse
    {
        $hiveScale->load('apiary')->delete();

        return Saved::at(
            route('watch.scales', $hiveScale->apiary->slug),
            __(':scale is removed, with its readings.', ['scale' => ucfirst($hiveScale->label())]),
        );
    }
}
