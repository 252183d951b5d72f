<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Equipment;

use App\Foundation\Http\Saved;
use App\Models\JarKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Kinds of jars: what they hold, how many stand empty, returned ones with them, how many are ordered. */
final class JarKindController
{
    public function store(Request $request): RedirectResponse
    {
        $values = $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'net_g' => ['required', 'integer', 'between:5,10000'],
            'stock' => ['nullable', 'integer', 'between:0,100000'],
            'returned' => ['nullable', 'integer', 'between:0,100000'],
            'ordered' => ['nullable', 'integer', 'between:0,100000'],
            'price' => ['nullable', 'numeric', 'between:0,10000'],
        ]);
        $known = JarKind::query()->where('name', $values['name'])->lockForUpdate()->first();
        $stock = $values['stock'] ?? $known->stock ?? 0;
        $of = [
            'net_g' => (int) $values['net_g'],
            'stock' => (int) $stock + (int) ($values['returned'] ?? 0),
            'ordered' => (int) ($values['ordered'] ?? $known->ordered ?? 0),
            'price' => $values['price'] ?? null,
        ];
        if ($known === null) {
            JarKind::query()->create(['name' => $values['name']] + $of);
        } else {
            self::mustStay($known, $of['net_g']);
            $known->update($of);
        }

        return Saved::at(route('honey-room.equipment'), __(':name is saved.', ['name' => $values['name']]));
    }

    public function destroy(JarKind $jarKind): RedirectResponse
    {
        if ($jarKind->fills()->exists()) {
            throw ValidationException::withMessages(['kind' => __('Jars of this kind were filled. The kind stays.')]);
        }
        $jarKind->delete();

        return Saved::at(route('honey-room.equipment'), __(':name is in the bin.', ['name' => $jarKind->name]));
    }

    /** A kind that was filled keeps its net weight. */
    private static function mustStay(JarKind $kind, int $netG): void
    {
        if ($kind->net_g !== $netG && $kind->fills()->exists()) {
            throw ValidationException::withMessages([
                'net_g' => __('Jars of this kind were filled with :g g. Give the other size another name.', ['g' => $kind->net_g]),
            ]);
        }
    }
}
