<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Hives\BoxKindReader;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Box;
use App\Models\BoxKindRow;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Comb\BoxKinds;

/** Box kinds of the operation's own, beside the standard ones. */
final readonly class BoxKindController
{
    private const MM2_A_DM2 = 10000.0;

    public function __construct(private BoxKindReader $kinds)
    {
    }

    public function store(Request $request, Formatter $format): RedirectResponse
    {
        $between = static fn (int $least, int $most): string => sprintf(
            'between:%s,%s',
            $format->lengths->value($least),
            $format->lengths->value($most),
        );
        $values = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'frames' => ['required', 'integer', 'between:1,30'],
            'comb_length' => ['required', 'numeric', $between(100, 600)],
            'comb_height' => ['required', 'numeric', $between(50, 500)],
            'inside_width' => ['required', 'numeric', $between(100, 1000)],
            'external_height' => ['required', 'numeric', $between(60, 600)],
            'external_length' => ['required', 'numeric', $between(100, 1000)],
            'external_width' => ['required', 'numeric', 'gte:inside_width', $between(100, 1000)],
            'empty_mass' => ['nullable', 'numeric', 'between:0,'.$format->massValue(40.0)],
        ]);
        $key = 'own-'.Str::slug($values['name']);
        if (isset($this->kinds->all()[$key])) {
            throw ValidationException::withMessages(['name' => __('A box kind with this name exists already.')]);
        }
        $mm = static fn (string $field): float => round($format->lengths->toMm((float) $values[$field]), 1);
        $area = round($mm('comb_length') * $mm('comb_height') / self::MM2_A_DM2, 3);
        $usual = BoxKinds::usualEmptyMassKg((int) $values['frames'], $area);
        $weighed = $values['empty_mass'] ?? null;
        BoxKindRow::query()->create([
            'key' => $key,
            'name' => $values['name'],
            'frames' => $values['frames'],
            'comb_area_dm2' => $area,
            'inside_width_mm' => $mm('inside_width'),
            'external_height_mm' => $mm('external_height'),
            'external_length_mm' => $mm('external_length'),
            'external_width_mm' => $mm('external_width'),
            'empty_mass_kg' => round($weighed === null ? $usual : $format->massToKg((float) $weighed), 3),
        ]);

        return Saved::at(route('yards.index'), __(':name can be put on hives now.', ['name' => $values['name']]));
    }

    public function destroy(BoxKindRow $kind): RedirectResponse
    {
        if (Box::query()->where('kind', $kind->key)->exists()) {
            throw ValidationException::withMessages(['kind' => __('Boxes of this kind exist. Change them first.')]);
        }
        $kind->delete();

        return Saved::at(route('yards.index'), __(':name is in the bin.', ['name' => $kind->name]));
    }
}
