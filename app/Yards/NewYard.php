<?php

declare(strict_types=1);

namespace App\Yards;

use App\Models\Apiary;
use App\Operation\CurrentOperation;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Makes a yard with its stands, hives, colonies and boxes as they were drawn. */
final readonly class NewYard
{
    /**
     * A temperate lowland climate, January first, presumed until the keeper enters their own (from memory, rounded).
     */
    private const CLIMATE = [1.0, 1.5, 4.5, 8.5, 13.0, 16.0, 18.0, 17.5, 14.0, 9.5, 5.0, 2.0];

    public function make(YardRequest $request): Apiary
    {
        $slug = self::slug($request->text('name'));
        if (Apiary::query()->where('slug', $slug)->exists()) {
            throw ValidationException::withMessages(['name' => __('There is a yard of this name already.')]);
        }
        $south = (float) $request->text('latitude') < 0;
        $apiary = Apiary::query()->create([
            'name' => $request->text('name'),
            'slug' => $slug,
            'letter' => mb_strtoupper($request->text('letter')),
            'latitude' => (float) $request->text('latitude'),
            'longitude' => (float) $request->text('longitude'),
            'heather' => $request->boolean('heather'),
            'climate' => $south
                ? [...array_slice(self::CLIMATE, 6), ...array_slice(self::CLIMATE, 0, 6)]
                : self::CLIMATE,
            'position' => Apiary::query()->count(),
        ]);
        $maker = app(NewHive::class);
        for ($i = 0; $i < (int) $request->text('hives'); $i++) {
            $maker->make(
                $apiary,
                (int) $request->text('brood_boxes'),
                $request->text('brood_kind'),
                (int) $request->text('supers'),
                $request->text('super_kind'),
            );
        }

        return $apiary;
    }

    public static function slug(string $name): string
    {
        return Str::slug($name) ?: 'yard';
    }

    public static function today(): string
    {
        return app(CurrentOperation::class)->today()->format('Y-m-d');
    }
}
