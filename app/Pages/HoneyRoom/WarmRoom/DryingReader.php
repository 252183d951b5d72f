<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\RoomAirReading;
use App\Models\RoomReading;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\LotStack;
use App\Pages\HoneyRoom\LotStacks;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use Marjoram\Core\Drying\Drying;
use Marjoram\Core\Drying\DryingAssumptions;
use Marjoram\Core\Drying\DryingFit;
use Marjoram\Core\Drying\RoomAir;
use Marjoram\Core\Drying\WaterReading;
use Marjoram\Core\HoneyRoom\RoomAssumptions;
use Marjoram\Core\Viscosity\Viscosity;
use Marjoram\Core\Viscosity\Warming;

/** How the stacks of the warm room dry, from their readings and what its air was. */
final readonly class DryingReader
{
    private const AHEAD_HOURS = 168.0;

    private const POINTS = 36;

    /** At most so many values of the air are used; each is the mean of the readings between. */
    private const AIRS = 400;

    public function __construct(private CurrentOperation $current, private LotStacks $stacks)
    {
    }

    public function limitPct(): float
    {
        return Policy::of($this->current->get())->ripeness->waterMaxPct;
    }

    public function airNow(): ?RoomAirReading
    {
        return RoomAirReading::newest();
    }

    /**
     * @param  ?float  $otherwisePct  humidity that the dehumidifier could be set to
     * @return list<DryingStack>
     */
    public function read(?float $otherwisePct = null): array
    {
        return $this->of($this->stacks->read(['hive', 'box', 'readings']), $otherwisePct);
    }

    /**
     * @param  list<LotStack>  $stacks
     * @param  bool  $inFull  the course is drawn too
     * @return list<DryingStack>
     */
    public function of(array $stacks, ?float $otherwisePct = null, bool $inFull = true): array
    {
        $drying = [];
        foreach ($stacks as $stack) {
            $supers = $stack->at(Station::Dry);
            if ($supers->isNotEmpty()) {
                $drying[] = $this->stack($stack, $supers, $otherwisePct, $inFull);
            }
        }

        return $drying;
    }

    /** @param  Collection<int, TakenSuper>  $supers */
    private function stack(
        LotStack $stack,
        Collection $supers,
        ?float $otherwisePct,
        bool $inFull,
    ): DryingStack {
        $now = $this->current->now();
        $came = $supers->map(static fn (TakenSuper $one): ?DateTimeImmutable => $one->arrived_at)->filter();
        $since = min($came->min() ?? $now, $now)->setTimezone(new DateTimeZone($this->current->get()->time_zone));
        $hour = self::hours($since, $now);
        $capped = (float) $supers->avg(static fn (TakenSuper $one): float => $one->frozen->cappedShare());
        $readings = $this->readings($supers, $since);
        $air = $this->air($since, $hour);
        $fit = (new Drying)->fit($readings, $air, $capped);
        $limit = $this->limitPct();
        $hours = array_map(
            static fn (int $i): float => $i / self::POINTS * ($hour + self::AHEAD_HOURS),
            range(0, self::POINTS),
        );
        $here = $fit->at([$hour])[0];

        return new DryingStack(
            $stack,
            $supers,
            $since,
            $hour,
            $capped,
            $limit,
            $readings,
            $inFull ? $fit->at($hours) : [],
            $here,
            $fit->endPct(),
            $fit->ready($limit, $hour),
            $otherwisePct === null ? null : $fit->atHumidity($hour, $otherwisePct)->ready($limit, $hour),
            self::warm($here->waterPct, end($air)->celsius),
            $inFull ? self::alone($fit, 0.0, $capped)->ready($limit, $hour) : null,
            $inFull ? self::alone($fit, 1.0, $capped)->ready($limit, $hour) : null,
        );
    }

    /**
     * @param  Collection<int, TakenSuper>  $supers
     * @return list<WaterReading>
     */
    private function readings(Collection $supers, DateTimeImmutable $since): array
    {
        return array_values($supers
            ->flatMap(static fn (TakenSuper $one): Collection => $one->readings->toBase())
            ->map(static fn (RoomReading $one): WaterReading => new WaterReading(
                max(0.0, min(2400.0, self::hours($since, $one->read_at))),
                $one->water_pct,
            ))
            ->all());
    }

    /** @return non-empty-list<RoomAir> */
    private function air(DateTimeImmutable $since, float $hour): array
    {
        $air = RoomAirReading::query()
            ->where('read_at', '>=', $since->modify('-1 day')->setTimezone(new DateTimeZone('UTC')))
            ->orderBy('read_at')
            ->get(['celsius', 'humidity_pct', 'read_at'])
            ->toBase()
            ->map(static fn (RoomAirReading $one): RoomAir => new RoomAir(
                self::hours($since, $one->read_at),
                max(0.0, $one->celsius),
                $one->humidity_pct,
            ));
        $chunks = $air->chunk(max(1, (int) ceil($air->count() / self::AIRS)));
        $thinned = $chunks->map(static fn (Collection $some): RoomAir => new RoomAir(
            (float) $some->min('hour'),
            (float) $some->avg('celsius'),
            (float) $some->avg('humidityPct'),
        ));
        $known = array_values($thinned->all());
        if ($known !== []) {
            return $known;
        }
        $before = $this->airNow();

        return [new RoomAir(
            min(0.0, $hour),
            max(0.0, $before->celsius ?? (new RoomAssumptions)->warmRoomC),
            $before->humidity_pct ?? (new RoomAssumptions)->humidityPct,
        )];
    }

    /** Those of its combs of which so much is capped. */
    private static function alone(DryingFit $fit, float $capped, float $cappedOfAll): DryingFit
    {
        $known = new DryingAssumptions;

        return $fit->faster($known->rate($capped) / $known->rate($cappedOfAll));
    }

    /** @return array{float, float}|null */
    private static function warm(float $waterPct, float $roomC): ?array
    {
        if ($waterPct > (new RoomAssumptions)->thickPct || $waterPct < Viscosity::LEAST_WATER_PCT) {
            return null;
        }
        $warming = new Warming;

        $from = min((new RoomAssumptions)->incomingC, $roomC);

        return [$warming->neededC($waterPct), $warming->hours($waterPct, $roomC, $from)];
    }

    private static function hours(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / 3600.0;
    }
}
