<?php

declare(strict_types=1);

namespace App\Pages\Watch\Scales;

use App\Foundation\Sheets\CsvText;
use DateTimeImmutable;
use DateTimeZone;

/** A file of a scale, read with a mapping: its readings, and the lines that could not be read. */
final readonly class ScaleFile
{
    private const POUND_KG = 0.45359237;

    private const SHOWN = 12;

    private const MOST_KG = 500.0;

    /**
     * @param  array<int, float>  $readings  kg by moment
     * @param  list<string>  $refused  the first lines that could not be read, with why
     * @param  list<list<string>>  $head  the first rows as they stand
     */
    private function __construct(
        public array $readings,
        public array $refused,
        public int $refusedInAll,
        public int $twice,
        public array $head,
        public string $separator,
    ) {
    }

    /** @return list<array{DateTimeImmutable, float}> the first readings */
    public function shown(): array
    {
        $shown = [];
        foreach (array_slice($this->readings, 0, 10, true) as $at => $kg) {
            $shown[] = [new DateTimeImmutable("@$at"), $kg];
        }

        return $shown;
    }

    public function last(): ?DateTimeImmutable
    {
        $last = array_key_last($this->readings);

        return $last === null ? null : new DateTimeImmutable("@$last");
    }

    /** @return list<list<string>> */
    public static function head(CsvText $text): array
    {
        $head = [];
        foreach ($text->rows() as $cells) {
            $head[] = $cells;
            if (count($head) >= self::SHOWN) {
                break;
            }
        }

        return $head;
    }

    public static function read(CsvText $text, Mapping $mapping, DateTimeZone $zone, DateTimeImmutable $now): self
    {
        $moments = new Moments($mapping->order, $zone);
        $readings = $refused = $head = [];
        $bad = $twice = 0;
        $latest = $now->getTimestamp() + 3600;
        foreach ($text->rows() as $line => $cells) {
            if (count($head) < self::SHOWN) {
                $head[] = $cells;
            }
            $at = $moments->read($cells[$mapping->at] ?? '', $mapping->time < 0 ? '' : $cells[$mapping->time] ?? '');
            $kg = CsvText::number($cells[$mapping->weight] ?? '');
            $kg = $kg === null || $mapping->unit === 'kg' ? $kg : $kg * self::POUND_KG;
            $why = self::why($at, $kg, $latest);
            if ($why === '' && $at !== null && $kg !== null) {
                $twice += isset($readings[$at->getTimestamp()]) ? 1 : 0;
                $readings[$at->getTimestamp()] = round($kg, 3);

                continue;
            }
            // Before the first reading stand the names of the columns, and what the device says of itself.
            if ($readings === [] && $bad === 0 && $kg === null) {
                continue;
            }
            $bad++;
            if (count($refused) < self::SHOWN) {
                $refused[] = __('Line :n: :why', ['n' => $line, 'why' => $why]);
            }
        }
        ksort($readings);

        return new self($readings, $refused, $bad, $twice, $head, $text->separator);
    }

    /** Why a line is not taken; empty where it is. */
    private static function why(?DateTimeImmutable $at, ?float $kg, int $latest): string
    {
        return match (true) {
            $at === null => __('the time cannot be read'),
            $kg === null => __('the weight cannot be read'),
            $kg < 0.0 || $kg > self::MOST_KG => __('a hive weighs 0 to 500 kg'),
            $at->getTimestamp() > $latest => __('the time is in the future'),
            default => '',
        };
    }
}
