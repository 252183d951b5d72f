<?php

declare(strict_types=1);

namespace App\Pages\Yards\Story;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Units\Formatter;
use App\Models\Assessment;
use App\Models\BoxPlace;
use App\Models\ColonyFact;
use App\Models\Decision;
use App\Models\Feeding;
use App\Models\FrameMove;
use App\Models\Hive;
use App\Models\HiveNote;
use App\Models\HiveWeighing;
use App\Models\TakenSuper;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Reads the story of one hive from all that was noted of it. */
final readonly class StoryReader
{
    private const MONTHS = 14;

    public function __construct(private CurrentOperation $current, private Formatter $format)
    {
    }

    public function of(Hive $hive): HiveStory
    {
        $to = new DateTimeImmutable($this->current->day());
        $from = $to->modify('-'.self::MONTHS.' months');

        return new HiveStory(
            $from,
            $to,
            array_filter($this->lanes($hive->id, $from)),
            $this->supers($hive->id, $from, $to),
            $this->crops($hive->id),
        );
    }

    /** @return array<string, list<StoryMark>> */
    private function lanes(string $hive, DateTimeImmutable $from): array
    {
        $kg = fn (float $kg): string => $this->format->kg($kg, 0);
        $since = $from->format('Y-m-d');
        $facts = ColonyFact::query()->where('hive_id', $hive)->where('happened_on', '>=', $since)->with('queen');
        $looks = Assessment::query()->where('hive_id', $hive)->where('looked_on', '>=', $since);
        $read = Assessment::query()->where('hive_id', $hive)->where('looked_on', '>=', $since)->has('readings');
        $decided = Decision::query()->where('hive_id', $hive)->where('decided_at', '>=', $since);
        $weighed = HiveWeighing::query()->where('hive_id', $hive)->where('weighed_on', '>=', $since);
        $fed = Feeding::query()->where('hive_id', $hive)->where('fed_on', '>=', $since);

        $frames = FrameMove::query()
            ->where('from_hive_id', $hive)
            ->whereNull('to_box_id')
            ->where('moved_on', '>=', $since);

        $daily = static fn (Assessment $one): string => $one->looked_on->format('Y-m-d');

        return [
            __('bees') => self::marks(
                $facts->orderBy('happened_on')->get(),
                static fn (ColonyFact $one): StoryMark => self::mark($one->happened_on, self::happened($one)),
            ),
            __('inspected') => self::marks(
                $looks->orderBy('looked_on')->get()->unique($daily),
                static fn (Assessment $one): StoryMark => self::mark($one->looked_on),
            ),
            __('water read') => self::marks(
                $read->orderBy('looked_on')->get()->unique($daily),
                static fn (Assessment $one): StoryMark => self::mark($one->looked_on),
            ),
            __('decided') => self::marks(
                $decided->orderBy('decided_at')->get(),
                static fn (Decision $one): StoryMark => self::mark($one->decided_at, self::decided($one)),
            ),
            __('frames off') => self::marks(
                $frames->orderBy('moved_on')->get()->groupBy(static fn (FrameMove $one): string => $one->moved_on->format('Y-m-d'))->values(),
                static fn (Collection $day): StoryMark => self::mark($day->firstOrFail()->moved_on, trans_choice(
                    '{1} :count frame|[2,*] :count frames',
                    $day->count(),
                )),
            ),
            __('notes') => self::marks(
                HiveNote::query()->where('hive_id', $hive)->where('noted_at', '>=', $since)->orderBy('noted_at')->get(),
                static fn (HiveNote $one): StoryMark => self::mark($one->noted_at, $one->words()),
            ),
            __('weighed') => self::marks(
                $weighed->orderBy('weighed_on')->get(),
                static fn (HiveWeighing $one): StoryMark => self::mark($one->weighed_on, $kg($one->stores_kg)),
            ),
            __('fed') => self::marks(
                $fed->orderBy('fed_on')->get(),
                static fn (Feeding $one): StoryMark => self::mark($one->fed_on, $kg($one->sugar_kg)),
            ),
        ];
    }

    private static function happened(ColonyFact $one): string
    {
        return trim($one->words().' '.($one->kind === 'requeened' ? $one->queen?->code : ''));
    }

    private static function decided(Decision $one): string
    {
        return $one->choice === 'take' ? __('take') : __('stays');
    }

    /** @return list<array{DateTimeImmutable, DateTimeImmutable}> */
    private function supers(string $hive, DateTimeImmutable $from, DateTimeImmutable $to): array
    {
        $places = BoxPlace::query()
            ->where('hive_id', $hive)
            ->where('role', 'super')
            ->where(static fn ($open) => $open->whereNull('until')->orWhere('until', '>=', $from->format('Y-m-d')))
            ->orderBy('since')
            ->get();

        return array_values($places->map(static fn (BoxPlace $place): array => [
            max($from, self::day($place->since)),
            $place->until === null ? $to : min($to, self::day($place->until)),
        ])->all());
    }

    /** @return array<int, float> */
    private function crops(string $hive): array
    {
        return TakenSuper::query()
            ->where('hive_id', $hive)
            ->join('harvests', 'harvests.id', '=', 'taken_supers.harvest_id')
            ->whereNull('harvests.deleted_at')
            ->groupBy('harvests.season')
            ->orderByDesc('harvests.season')
            ->select('harvests.season', DB::raw('sum(coalesce(allotted_kg, estimate_kg)) as kg'))
            ->toBase()
            ->get()
            ->mapWithKeys(static fn (object $row): array => [(int) $row->season => (float) $row->kg])
            ->all();
    }

    /**
     * @template T
     *
     * @param  Collection<int, T>  $records
     * @param  callable(T): StoryMark  $mark
     * @return list<StoryMark>
     */
    private static function marks(Collection $records, callable $mark): array
    {
        return array_values($records->map($mark)->all());
    }

    private static function mark(DateTimeInterface $on, string $words = ''): StoryMark
    {
        return new StoryMark(self::day($on), $words);
    }

    private static function day(DateTimeInterface $on): DateTimeImmutable
    {
        return new DateTimeImmutable($on->format('Y-m-d'));
    }
}
