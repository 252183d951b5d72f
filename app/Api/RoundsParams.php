<?php

declare(strict_types=1);

namespace App\Api;

use Marjoram\Core\Clearing\MethodTable;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rounds\BoardWork;
use Marjoram\Core\Rounds\Charges;
use Marjoram\Core\Rounds\CrewMinutes;
use Marjoram\Core\Rounds\FumeWork;
use Marjoram\Core\Rounds\OpenWork;

/**
 * The parameters of rounds by their names in JSON: minutes of the crew together, and charges. What is not given is the
 * table's for so many people. Given by name, `escape_place_per_hive` stands for the supers of the hive too, and
 * `fume_per_super` for any weather and any number of boards.
 */
final readonly class RoundsParams
{
    private const MOST = 10000.0;

    private CrewMinutes $table;

    private Charges $usual;

    public function __construct(private Fields $given, private int $crew)
    {
        $this->table = CrewMinutes::of(new MethodTable, $crew);
        $this->usual = new Charges;
    }

    /** @throws InvalidInput when a value is negative or beyond reason */
    public function minutes(): CrewMinutes
    {
        return new CrewMinutes(
            $this->board(),
            $this->fume(),
            $this->open('blower', $this->table->blower),
            $this->open('brush', $this->table->brush),
            $this->number('open_rain_max', $this->table->mostRainOpen),
        );
    }

    /** @throws InvalidInput when a value is negative or beyond reason */
    public function charges(): Charges
    {
        return new Charges(
            $this->number('escape_rain_per_hive', $this->usual->rainOnBoards),
            $this->number('escape_three_nights_per_hive', $this->usual->threeNights),
            $this->number('open_rain_per_hive', $this->usual->rainOnOpen),
            $this->number('open_dearth_per_hive', $this->usual->dearthOpen),
            $this->number('fume_dearth_per_hive', $this->usual->dearthFume),
            $this->number('late_per_hive_day', $this->usual->latePerHiveDay),
            $this->number('not_served', $this->usual->notServed),
            $this->number('not_served_per_hive', $this->usual->notServedPerHive),
            $this->number('second_part', $this->usual->secondPart),
        );
    }

    private function board(): BoardWork
    {
        $usual = $this->table->board;
        $nights = (int) $this->number('max_nights', (float) $usual->mostNights);
        InvalidInput::unlessWithin($nights, 1, 3, 'The nights that a board may stay', '/params/max_nights');
        $perSuper = $this->given->has('escape_place_per_hive') ? 0.0 : $usual->placePerSuper;

        return new BoardWork(
            $this->number('escape_place_setup', $usual->placeSetup),
            $this->number('escape_place_per_hive', $usual->placePerHive),
            $this->number('escape_place_per_super', $perSuper),
            $this->number('escape_collect_setup', $usual->collectSetup),
            $this->number('escape_collect_per_hive', $usual->collectPerHive),
            $this->number('escape_collect_per_super', $usual->collectPerSuper),
            $this->number('escape_one_night_per_super', $usual->oneNightPerSuper),
            $nights,
        );
    }

    private function fume(): FumeWork
    {
        $usual = $this->table->fume;
        $flat = $this->given->has('fume_per_super') ? $this->number('fume_per_super', 0.0) : null;
        // The chance of rain for open supers leaves its own value out; that of fumes lets it in.
        $rain = $this->given->has('open_rain_max') ? $this->number('open_rain_max', 0.0) - 1e-9 : $usual->mostRain;

        return new FumeWork(
            $this->number('fume_setup', $usual->setup),
            $this->number('fume_per_hive', $usual->perHive),
            $flat,
            $this->number('fume_handling_per_super', $usual->handlingPerSuper),
            $usual->figures,
            $this->number('fume_min_c', $usual->leastC),
            $this->number('fume_rain_max', $rain),
        );
    }

    private function open(string $method, OpenWork $usual): OpenWork
    {
        return new OpenWork(
            $this->number("{$method}_setup", $usual->setup),
            $this->number("{$method}_per_hive", $usual->perHive),
            $this->number("{$method}_per_super", $usual->perSuper),
        );
    }

    private function number(string $name, float $usual): float
    {
        if (! $this->given->has($name)) {
            return $usual;
        }
        $value = $this->given->number($name);
        InvalidInput::unlessWithin($value, 0.0, self::MOST, "params.$name", "/params/$name");

        return $value;
    }
}
