<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Drawing\ElevationPicture;
use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/** A whole yard as the Winter page shows it. Plain values, since it is cached; drawn for each reader. */
final readonly class WinterBoard
{
    /** Common practice: bees no longer take syrup when the days stay below this mean. */
    public const FEED_ABOVE_C = 10.0;

    /**
     * @param  array<string, WinterRow>  $rows  by hive code, in the order of the stands
     * @param  float  $widestMm  of the boxes, so that the columns stand under their hives
     * @param  int  $unlooked  supers to look at
     * @param  ?DateTimeImmutable  $feedFrom  the day from which hives are fed; null where that day has come
     * @param  ?DateTimeImmutable  $feedUntil  the day from which bees take no more syrup
     */
    public function __construct(
        public array $rows,
        public ElevationPicture $picture,
        public float $widestMm,
        public int $unlooked,
        public ?DateTimeImmutable $feedFrom,
        public ?DateTimeImmutable $feedUntil,
    ) {
    }

    /** The hive that is open where none was chosen: the first that must be fed, else the first. */
    public function first(): ?string
    {
        $code = array_key_first($this->short()) ?? array_key_first($this->rows);

        return $code === null ? null : (string) $code;
    }

    /** @return list<WinterRow> hives that may run out of stores */
    public function warnings(): array
    {
        $runsOut = static fn (WinterRow $row): bool => $row->runsOut !== null;

        return array_values(array_filter($this->rows, $runsOut));
    }

    public function takeKg(): float
    {
        return self::sum($this->rows, static fn (WinterRow $row): float => $row->takeKg);
    }

    /** What is to be fed, or first to be looked at, in a few words. */
    public function feeding(Formatter $format): string
    {
        $unknown = count($this->unknown());

        return match (true) {
            $this->mustBeFed() && $this->feedFrom !== null => __('short of ~:kg of sugar so far', [
                'kg' => $format->kg($this->sugarKg(), 0),
            ]),
            $this->mustBeFed() => __('to feed ~:kg of sugar', ['kg' => $format->kg($this->sugarKg(), 0)]),
            $unknown > 0 => trans_choice('stores of :count hive not inspected|stores of :count hives not inspected', $unknown),
            default => __('nothing to feed'),
        };
    }

    /** @return list<string> codes of hives whose stores nobody has looked at */
    public function unknown(): array
    {
        $unknown = array_filter($this->rows, static fn (WinterRow $row): bool => ! $row->known);

        return array_map(static fn (WinterRow $row): string => $row->code, array_values($unknown));
    }

    public function spareKg(): float
    {
        $known = array_filter($this->rows, static fn (WinterRow $row): bool => $row->known);

        return self::sum($known, static fn (WinterRow $row): float => $row->reserve->spareKg);
    }

    public function sugarKg(): float
    {
        return self::sum($this->short(), static fn (WinterRow $row): float => $row->reserve->sugarKg);
    }

    public function syrupL(): float
    {
        return self::sum($this->short(), static fn (WinterRow $row): float => $row->reserve->syrupL);
    }

    public function mustBeFed(): bool
    {
        return $this->short() !== [];
    }

    /** @return array<string, WinterRow> */
    private function short(): array
    {
        return array_filter($this->rows, static fn (WinterRow $row): bool => $row->mustBeFed);
    }

    /**
     * @param  array<string, WinterRow>  $rows
     * @param  callable(WinterRow): float  $of
     */
    private static function sum(array $rows, callable $of): float
    {
        return array_sum(array_map($of, array_values($rows)));
    }
}
