<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Equipment;

use App\Apiary\Operation\CurrentOperation;
use App\Devices\AllowedAddress;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\BucketKind;
use App\Models\JarKind;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the honey room has: the extractor, its sensor and scale, kinds of buckets and of jars. */
final readonly class EquipmentController
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function show(): View
    {
        return view('honey-room.equipment', [
            'operation' => $this->current->get(),
            'buckets' => BucketKind::query()->orderBy('name')->get(),
            'jars' => JarKind::query()->orderBy('net_g')->get(),
        ]);
    }

    public function machine(Request $request, Formatter $format): RedirectResponse
    {
        $lengths = $format->lengths;
        $values = $request->validate([
            'extractor' => ['required', 'integer', 'between:2,120'],
            'radius' => ['required', 'numeric', 'between:'.$lengths->hand(10.0).','.$lengths->hand(150.0)],
            'turns' => ['required', 'in:tangential,radial'],
            'rpm' => ['required', 'integer', 'between:30,1000'],
            'force' => ['required', 'integer', 'between:10,5000'],
        ]);
        $this->current->get()->change([
            'extractor' => (int) $values['extractor'],
            'extractor_radius_cm' => round($lengths->toCm((float) $values['radius']), 1),
            'extractor_radial' => $values['turns'] === 'radial',
            'extractor_rpm' => (int) $values['rpm'],
            'extractor_force_n' => (int) $values['force'],
        ]);

        return Saved::at(route('honey-room.equipment'), __('The extractor is saved.'));
    }

    public function devices(Request $request): RedirectResponse
    {
        $allowed = static function (string $attribute, mixed $value, Closure $fail): void {
            if (is_string($value) && $value !== '' && ! AllowedAddress::configured()->allows($value)) {
                $fail(__('Devices at this address are not allowed here.'));
            }
        };
        $values = $request->validate([
            'room_sensor' => ['nullable', 'string', 'max:200', $allowed],
            'bench_scale' => ['nullable', 'string', 'max:200', $allowed],
        ]);
        $this->current->get()->change([
            'room_sensor' => $values['room_sensor'] ?? null,
            'bench_scale' => $values['bench_scale'] ?? null,
        ]);

        return Saved::at(route('honey-room.equipment'), __('The devices are saved.'));
    }
}
