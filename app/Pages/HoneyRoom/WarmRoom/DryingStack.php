<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\WarmRoom;

use App\Foundation\Units\Formatter;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\LotStack;
use DateInterval;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Marjoram\Core\Drying\ReadyRange;
use Marjoram\Core\Drying\WaterBand;
use Marjoram\Core\Drying\WaterReading;

/** A lot's supers in the warm room: how they dry, and when they are dry enough. */
final readonly class DryingStack
{
    /** Hours from which a time is given in days. */
    private const DAYS_FROM = 36.0;

    /**
     * @param  Collection<int, TakenSuper>  $supers
     * @param  DateTimeImmutable  $since  when the first of them came
     * @param  float  $hour  now, since then
     * @param  list<WaterReading>  $readings
     * @param  list<WaterBand>  $bands
     * @param  ?ReadyRange  $otherwise  with the dehumidifier set to another humidity
     * @param  ?ReadyRange  $open  its combs that are open; null where it was not asked in full
     * @param  ?ReadyRange  $capped  those that are capped
     * @param  array{float, float}|null  $warm  warmth at which it spins, and hours until then; where it is thick
     */
    public function __construct(
        public LotStack $of,
        public Collection $supers,
        public DateTimeImmutable $since,
        public float $hour,
        public float $cappedShare,
        public float $limitPct,
        public array $readings,
        public array $bands,
        public WaterBand $now,
        public float $endPct,
        public ReadyRange $ready,
        public ?ReadyRange $otherwise,
        public ?array $warm,
        public ?ReadyRange $open,
        public ?ReadyRange $capped,
    ) {
    }

    public function isReady(): bool
    {
        return $this->now->waterPct <= $this->limitPct;
    }

    /** How long from now on, in words. */
    public function more(ReadyRange $ready, Formatter $format): string
    {
        $hours = $ready->hours - $this->hour;

        return match (true) {
            is_infinite($hours) => __('never in this air'),
            $hours <= 0.0 => __('dry enough now'),
            $hours < self::DAYS_FROM => __('in :hours', ['hours' => $format->minutes(60.0 * $hours)]),
            default => trans_choice('{1} in about :count day|[2,*] in about :count days', (int) round($hours / 24.0)),
        };
    }

    public function singleFrames(): int
    {
        return $this->supers->filter(static fn (TakenSuper $one): bool => $one->isFrame())->count();
    }

    public function wholeSupers(): int
    {
        return $this->supers->count() - $this->singleFrames();
    }

    /** @return array{DateTimeImmutable, ?DateTimeImmutable, ?DateTimeImmutable}|null middle, early, late */
    public function days(?ReadyRange $ready): ?array
    {
        if ($ready === null || is_infinite($ready->hours)) {
            return null;
        }
        $at = fn (float $hours): ?DateTimeImmutable => is_finite($hours)
            ? $this->since->add(new DateInterval('PT'.(int) round(60.0 * $hours).'M'))
            : null;

        return [$at($ready->hours) ?? $this->since, $at($ready->lo), $at($ready->hi)];
    }
}
