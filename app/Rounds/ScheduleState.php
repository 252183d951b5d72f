<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Schedule;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Rounds\Itinerary;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Shortfall;
use Marjoram\Core\Rounds\Shortfalls;
use Marjoram\Core\Rounds\VisitCosts;
use Marjoram\Core\Rounds\Way;

/** A round as it stands: its plan reckoned anew, what the search is doing, and what does not fit. */
final readonly class ScheduleState
{
    /**
     * @param  list<Shortfall>  $shortfalls
     * @param  list<list<array{hive: string, code: string, boxes: list<string>}>>  $hives  that each visit means; none while the search is at work
     */
    private function __construct(
        public Schedule $round,
        public RoundsQuestion $task,
        public Itinerary $plan,
        public string $search,
        public int $iterations,
        public array $shortfalls,
        public array $hives,
    ) {
    }

    public static function of(Schedule $round): self
    {
        $task = RoundMap::task($round);
        $row = DB::table('round_searches')->where('round_id', $round->id)->first();
        $search = is_string($row?->state) ? $row->state : 'done';
        $running = in_array($search, ['waiting', 'planning', 'stopping'], true);
        $found = $running && is_string($row?->services) ? json_decode($row->services, true) : null;
        /** @var list<array{yard: string, hives: int, way: string, first: string, last: string}> $services */
        $services = is_array($found) ? $found : $round->services;
        $plan = Itinerary::of($task, RoundMap::services($round, $services));

        return new self(
            $round,
            $task,
            $plan,
            $search,
            is_numeric($row?->iterations) ? (int) $row->iterations : 0,
            $running ? [] : (new Shortfalls($task))->of($plan),
            $running ? [] : RoundParts::of($round),
        );
    }

    public function isRunning(): bool
    {
        return in_array($this->search, ['waiting', 'planning', 'stopping'], true);
    }

    public function firstBusyDay(): ?int
    {
        foreach ($this->plan->days as $d => $day) {
            if ($day['route'] !== []) {
                return $d;
            }
        }

        return null;
    }

    /** @return list<non-empty-list<int>> the stops of a day's drive: what lies in the same place is one stop */
    public function drive(int $day): array
    {
        $stops = [];
        foreach ($this->plan->days[$day]['route'] as $a) {
            $stops[(string) $this->round->task['yards'][$a]['apiary']][] = $a;
        }

        return array_values($stops);
    }

    /** @param  array{yard: string, hives: int, way: string, first: string, last: string}  $service */
    public function minutesOf(array $service): float
    {
        foreach (RoundMap::services($this->round, [$service]) as $one) {
            $services = new VisitCosts($this->task);

            return array_sum(
                $services->work(
                    $one->way,
                    $one->hives,
                    $this->task->yards[$one->yard]->supersPerHive() * $one->hives,
                    $services->nights($one->first, $one->last),
                ),
            );
        }

        return 0.0;
    }

    /** Supers of a visit: of the hives that it means, or while the search is at work, as if all hives were alike. */
    public function supersOf(int $part): int
    {
        $service = $this->plan->services[$part];
        $hives = $this->hives[$part] ?? [];

        return $hives === []
            ? (int) round($this->task->yards[$service->yard]->supersPerHive() * $service->hives)
            : count(RoundParts::boxes($hives));
    }

    /** @return list<string> what is done at a yard on a day */
    public function stops(int $yard, int $day): array
    {
        $words = [];
        foreach ($this->plan->services as $part => $one) {
            if ($one->yard === $yard && $one->last === $day) {
                $words[] = trans_choice(
                    '{1} collect :count super (:way)|[2,*] collect :count supers (:way)',
                    $this->supersOf($part),
                    ['way' => self::word($one->way)],
                );
            } elseif ($one->yard === $yard && $one->first === $day) {
                $words[] = trans_choice('{1} place :count board|[2,*] place :count boards', $one->hives);
            }
        }

        return $words;
    }

    public static function word(Way $way): string
    {
        return \App\Wording\MethodNames::word(\App\Wording\MethodNames::ofWay($way));
    }

    public static function glyph(Way $way): string
    {
        return \App\Wording\MethodNames::glyph(\App\Wording\MethodNames::ofWay($way));
    }

    /** "crew: 35 minutes over on Tue 4 Aug" for each limit that the plan breaks after a change by hand. */
    public static function limit(string $limit): string
    {
        return match ($limit) {
            'crew' => __('minutes of crew time'),
            'truck' => __('supers on the truck'),
            'boards' => __('escape boards'),
            default => __('supers in the honey room'),
        };
    }
}
