<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
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
        NewHive::waitForTurn();
        $slug = self::slug($request->text('name'));
        if (Apiary::query()->where('slug', $slug)->exists()) {
            throw ValidationException::withMessages(['name' => __('A yard with this name exists already.')]);
        }
        $apiary = $this->bare(
            $request->text('name'),
            (float) $request->text('latitude'),
            (float) $request->text('longitude'),
            mb_strtoupper($request->text('letter')),
            $request->boolean('heather'),
        );
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

    /** A yard without hives. */
    public function bare(
        string $name,
        float $latitude,
        float $longitude,
        ?string $letter = null,
        bool $heather = false,
    ): Apiary {
        return Apiary::query()->create([
            'name' => $name,
            'slug' => self::slug($name),
            'letter' => $letter ?? self::freeLetter($name),
            'latitude' => $latitude,
            'longitude' => $longitude,
            'heather' => $heather,
            'climate' => $latitude < 0.0
                ? [...array_slice(self::CLIMATE, 6), ...array_slice(self::CLIMATE, 0, 6)]
                : self::CLIMATE,
            'position' => Apiary::query()->count(),
        ]);
    }

    /** The first letters of the name that no yard has yet. */
    private static function freeLetter(string $name): string
    {
        $letters = mb_strtoupper((string) preg_replace('/[^\pL]/u', '', $name)).'YARD';
        $taken = Apiary::query()->pluck('letter')->all();
        foreach ([[0, 1], [0, 2], [0, 3]] as [$from, $many]) {
            $letter = mb_substr($letters, $from, $many);
            if (! in_array($letter, $taken, true)) {
                return $letter;
            }
        }
        $number = 0;
        do {
            $letter = mb_substr($letters, 0, 1).chr(65 + intdiv($number, 26) % 26).chr(65 + $number % 26);
            $number++;
        } while (in_array($letter, $taken, true));

        return $letter;
    }

    public static function slug(string $name): string
    {
        return Str::slug($name) ?: 'yard';
    }

    public static function today(): string
    {
        return app(CurrentOperation::class)->day();
    }
}
