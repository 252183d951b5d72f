<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

/** The queens of next season: whose daughters, how many, and into which hives. */
final readonly class QueenPlan
{
    /**
     * @param  list<KnownQueen>  $mothers  marked to breed from
     * @param  list<NewQueen>  $places  the least hives first
     * @param  int  $wanted  daughters that the marks ask for
     */
    public function __construct(public array $mothers, public array $places, public int $wanted)
    {
    }

    /** Cells to be started, as some do not take, are not mated or are balled (common practice: two for three). */
    public function cells(): int
    {
        return (int) ceil(1.5 * count($this->places));
    }

    /** @return list<list<string|int|float|null>> as a table, the names of the columns first */
    public function rows(): array
    {
        $rows = [['yard', 'hive', 'queen_now', 'why', 'daughter_of']];
        foreach ($this->places as $place) {
            $now = $place->queen;
            $rows[] = [$now->yardName, $now->hive, $now->code, $place->why, $place->mother?->code];
        }

        return $rows;
    }

    public function heading(): string
    {
        return trans_choice(
            '{0} No hive gets a new queen yet|{1} :count hive gets a new queen|[2,*] :count hives get a new queen',
            count($this->places),
        );
    }

    /** How many daughters of whom, in words. */
    public function words(): string
    {
        $words = [];
        foreach ($this->daughters() as $code => $n) {
            $words[] = trans_choice('{1} :count daughter of :queen|[2,*] :count daughters of :queen', $n, ['queen' => $code]);
        }

        return implode(', ', $words);
    }

    /** @return array<string, int> daughters by their mother's code */
    private function daughters(): array
    {
        $of = [];
        foreach ($this->places as $place) {
            if ($place->mother !== null) {
                $of[$place->mother->code] = ($of[$place->mother->code] ?? 0) + 1;
            }
        }

        return $of;
    }
}
