<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rounds\Sky;
use Marjoram\Core\Rounds\YardToFetch;

/** A yard of a schedule as it was asked: what was to come in from it, between which days, by which methods. */
final readonly class AskedYard
{
    /**
     * @param  bool  $later  they were not ripe yet
     * @param  list<AskedHive>  $hives
     * @param  list<Method>  $methods
     * @param  list<Sky>  $skies  its own weather, by the place of the day
     */
    public function __construct(
        public string $id,
        public string $name,
        public AskedPlace $place,
        public bool $later,
        public array $hives,
        public float $kg,
        public AskedDates $dates,
        public array $methods,
        public array $skies,
    ) {
    }

    public static function from(Fields $stored): self
    {
        $methods = array_filter(array_map(Method::tryFrom(...), $stored->texts('methods')));

        return new self(
            $stored->text('id'),
            $stored->text('name'),
            AskedPlace::from($stored),
            $stored->flag('later'),
            array_map(AskedHive::from(...), $stored->parts('by_hive')),
            $stored->number('kg'),
            AskedDates::from($stored),
            array_values($methods) ?: Method::usual(),
            array_map(self::sky(...), $stored->parts('skies')),
        );
    }

    public function supers(): int
    {
        return array_sum(array_map(static fn (AskedHive $hive): int => count($hive->boxes), $this->hives));
    }

    public function toFetch(): YardToFetch
    {
        return new YardToFetch(
            $this->id,
            max(1, count($this->hives)),
            (float) $this->supers(),
            $this->dates->ready,
            $this->dates->offBy,
            $this->methods,
            $this->skies,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'later' => $this->later,
            'by_hive' => array_map(static fn (AskedHive $hive): array => $hive->toArray(), $this->hives),
            'kg' => round($this->kg, 1),
            'methods' => array_map(static fn (Method $method): string => $method->value, $this->methods),
            'skies' => array_map(
                static fn (Sky $sky): array => [$sky->maxC, $sky->rainP, $sky->dearth, $sky->sun, $sky->minC],
                $this->skies,
            ),
        ] + $this->place->toArray() + $this->dates->toArray();
    }

    private static function sky(Fields $stored): Sky
    {
        return new Sky(
            $stored->number('0'),
            $stored->number('1'),
            $stored->flag('2'),
            $stored->number('3', 0.5),
            // An older schedule has no night temperatures: take them as too warm for methods that need cold.
            $stored->number('4', 60.0),
        );
    }
}
