<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Models\Schedules\AskedPlace;
use App\Models\Schedules\Point;
use Marjoram\Core\Rounds\DayLoad;

/** The yards of a schedule where they lie, with one day's drive. Not a map: nothing but the coordinates is known. */
final class DriveSketch
{
    private const WIDTH = 340.0;

    private const HEIGHT = 224.0;

    private float $squash = 1.0;

    private float $span = 1.0;

    private Point $middle;

    public function __construct()
    {
        $this->middle = new Point(0.0, 0.0);
    }

    /** Null where there is no yard. */
    public function of(ScheduleState $state, ?DayLoad $day): ?Picture
    {
        $places = self::places($state);
        if ($places === []) {
            return null;
        }
        $depot = $state->schedule->question->depot ?? self::amid($places);
        $this->fit([...array_values($places), $depot]);
        $stop = static fn (array $yards): string => $yards[0]->place->apiaryId;
        $stops = $day === null ? [] : array_map($stop, $state->drive($day));
        $canvas = new Canvas;
        [$homeX, $homeY] = $this->at($depot);
        $this->drive($canvas, array_map(static fn (string $id): AskedPlace => $places[$id], $stops), $depot);
        foreach ($places as $id => $place) {
            $number = array_search($id, $stops, true);
            $this->yard($canvas, $place, is_int($number) ? (string) ($number + 1) : '');
        }
        $canvas->rect('wall', $homeX - 6.0, $homeY - 6.0, 12.0, 12.0)
            ->text('t12 halo2', $homeX + 10.0, $homeY + 16.0, __('honey room'));
        $label = __("Sketch of the yards with the day's drive");

        return new Picture(self::WIDTH, self::HEIGHT, $canvas->shapes(), $label);
    }

    /** @param  list<AskedPlace>  $stops */
    private function drive(Canvas $canvas, array $stops, Point $depot): void
    {
        if ($stops === []) {
            return;
        }
        $line = Canvas::at('M', ...$this->at($depot));
        foreach ($stops as $place) {
            $line .= Canvas::at('L', ...$this->at($place));
        }
        $canvas->path('mline', $line.Canvas::at('L', ...$this->at($depot)));
    }

    private function yard(Canvas $canvas, AskedPlace $place, string $number): void
    {
        [$x, $y] = $this->at($place);
        $canvas->circle('bxo', $x, $y, 9.0)
            ->text('t12 b', $x, $y + 4.0, $number, 'middle')
            ->text('t12 soft halo2', $x + 13.0, $y + 4.0, $place->name);
    }

    /** @return array<string, AskedPlace> by apiary; what is ripe later lies in the same place */
    private static function places(ScheduleState $state): array
    {
        $places = [];
        foreach ($state->schedule->question->yards as $yard) {
            $places[$yard->place->apiaryId] ??= $yard->place;
        }

        return $places;
    }

    /** @param  non-empty-array<string, AskedPlace>  $places */
    private static function amid(array $places): Point
    {
        $n = count($places);

        return new Point(
            array_sum(array_column($places, 'latitude')) / $n,
            array_sum(array_column($places, 'longitude')) / $n,
        );
    }

    /** @param  non-empty-list<AskedPlace|Point>  $all */
    private function fit(array $all): void
    {
        $latitudes = array_column($all, 'latitude');
        $longitudes = array_column($all, 'longitude');
        $this->middle = new Point(
            0.5 * (min($latitudes) + max($latitudes)),
            0.5 * (min($longitudes) + max($longitudes)),
        );
        $this->squash = cos(deg2rad($this->middle->latitude));
        $wide = (max($longitudes) - min($longitudes)) * $this->squash;
        $this->span = max(0.02, max($latitudes) - min($latitudes), $wide);
    }

    /** @return array{float, float} */
    private function at(AskedPlace|Point $place): array
    {
        return [
            150.0 + ($place->longitude - $this->middle->longitude) * $this->squash / $this->span * 210.0,
            112.0 - ($place->latitude - $this->middle->latitude) / $this->span * 180.0,
        ];
    }
}
