<?php

declare(strict_types=1);

namespace App\Rounds;

/** The yards of a plan where they lie, with one day's drive. Not a map: nothing but the coordinates is known. */
final readonly class DriveSketch
{
    private const WIDTH = 340.0;

    private const HEIGHT = 224.0;

    public function svg(ScheduleState $state, ?int $day): string
    {
        $places = $this->places($state);
        if ($places === []) {
            return '';
        }
        $lat = array_column($places, 'lat');
        $lon = array_column($places, 'lon');
        $depot = $state->round->task['depot'] ?? [array_sum($lat) / count($lat), array_sum($lon) / count($lon)];
        [$lats, $lons] = [[...$lat, $depot[0]], [...$lon, $depot[1]]];
        $squash = cos(deg2rad(array_sum($lat) / count($lat)));
        $span = max(0.02, max($lats) - min($lats), (max($lons) - min($lons)) * $squash);
        $at = static fn (float $a, float $o): array => [
            150.0 + ((($o - 0.5 * (min($lons) + max($lons))) * $squash) / $span) * 210.0,
            112.0 - (($a - 0.5 * (min($lats) + max($lats))) / $span) * 180.0,
        ];
        $home = $at(...$depot);
        $stops =
            $day === null
                ? []
                : array_map(
                    static fn (array $stop): string => (string) $state->round->task['yards'][$stop[0]]['apiary'],
                    $state->drive($day),
                );
        $line = implode(
            '',
            array_map(
                static fn (string $stop): string => vsprintf(
                    'L%.1f %.1f',
                    $at($places[$stop]['lat'], $places[$stop]['lon']),
                ),
                $stops,
            ),
        );
        $out =
            $line === ''
                ? ''
                : sprintf('<path class="mline" d="M%1$.1f %2$.1f%3$sL%1$.1f %2$.1f"/>', $home[0], $home[1], $line);
        foreach ($places as $id => $place) {
            [$x, $y] = $at($place['lat'], $place['lon']);
            $stop = array_search($id, $stops, true);
            $out .= sprintf(
                '<circle class="bxo" cx="%1$.1f" cy="%2$.1f" r="9"/><text class="t12 b" x="%1$.1f" y="%3$.1f" text-anchor="middle">%4$s</text><text class="t12 soft halo2" x="%5$.1f" y="%3$.1f">%6$s</text>',
                $x,
                $y,
                $y + 4.0,
                is_int($stop) ? $stop + 1 : '',
                $x + 13.0,
                e($place['name']),
            );
        }

        return sprintf(
            '<svg class="chart" viewBox="0 0 %.0f %.0f" role="img" aria-label="%s">',
            self::WIDTH,
            self::HEIGHT,
            e(__('Sketch of the yards with the day\'s drive')),
        ).
            $out.
            sprintf(
                '<rect class="wall" x="%.1f" y="%.1f" width="12" height="12"/><text class="t12 halo2" x="%.1f" y="%.1f">%s</text></svg>',
                $home[0] - 6.0,
                $home[1] - 6.0,
                $home[0] + 10.0,
                $home[1] + 16.0,
                e(__('honey room')),
            );
    }

    /** @return array<string, array{name: string, lat: float, lon: float}> by yard; what is ripe later lies in the same place */
    private function places(ScheduleState $state): array
    {
        $places = [];
        foreach ($state->round->task['yards'] as $yard) {
            $places[(string) $yard['apiary']] ??= [
                'name' => (string) ($yard['place'] ?? $yard['name']),
                'lat' => (float) $yard['latitude'],
                'lon' => (float) $yard['longitude'],
            ];
        }

        return $places;
    }
}
