<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Hives\HiveState;
use App\Drawing\Picture;
use App\Models\BoxPlace;
use App\Models\ColonyFact;
use App\Models\Hive;
use App\Models\HiveNote;
use App\Models\Queen;
use App\Pages\Yards\Story\HiveStory;
use App\Pages\Yards\Story\StoryReader;
use App\Pages\Yards\Story\StoryStrip;
use Illuminate\Database\Eloquent\Collection;

/** A hive as it is kept: its boxes, its colony and queen, and what stood there when. */
final readonly class OpenHive
{
    private const SHOWN = 30;

    private const CHOICES = 200;

    /**
     * @param  Collection<int, ColonyFact>  $facts  newest first
     * @param  Collection<int, BoxPlace>  $history  newest first
     * @param  Collection<int, Queen>  $queens
     * @param  Collection<int, HiveNote>  $noted  in the yard, newest first
     */
    private function __construct(
        public Hive $hive,
        public HiveState $state,
        public Collection $facts,
        public Collection $history,
        private Collection $queens,
        public HiveStory $story,
        public Collection $noted,
    ) {
    }

    public static function of(Hive $hive, HiveState $state): self
    {
        $hive->load(['colony.queen', 'colonies']);

        return new self(
            $hive,
            $state,
            ColonyFact::query()
                ->where(static fn ($facts) => $facts
                    ->where('hive_id', $hive->id)
                    ->orWhereIn('colony_id', $hive->colonies->modelKeys()))
                ->with('queen')
                ->orderByDesc('happened_on')
                ->limit(self::SHOWN)
                ->get(),
            BoxPlace::query()
                ->where('hive_id', $hive->id)
                ->with('box')
                ->orderByDesc('since')
                ->limit(self::SHOWN)
                ->get(),
            Queen::query()->orderByDesc('year')->orderBy('code')->limit(self::CHOICES)->get(),
            app(StoryReader::class)->of($hive),
            HiveNote::query()->where('hive_id', $hive->id)->orderByDesc('noted_at')->limit(self::SHOWN)->get(),
        );
    }

    /** @return array<string, string> names by id, the lowest first */
    public function supers(): array
    {
        $names = [];
        foreach ($this->state->boxes as $box) {
            $names += $box->isSuper() ? [$box->id => $box->name().' ('.$box->mark.')'] : [];
        }

        return $names;
    }

    public function strip(): Picture
    {
        return (new StoryStrip)->of($this->story, $this->hive->code);
    }

    public function queen(): string
    {
        if ($this->hive->isEmpty()) {
            return __('no colony lives here');
        }
        $queen = $this->hive->colony?->queen;

        return $queen === null
            ? __('queen not entered')
            : $queen->code.' ('.__('line :line, :year', ['line' => $queen->line, 'year' => $queen->year]).')';
    }

    /** @return array<string, string> */
    public function queenChoices(): array
    {
        return ['' => __('none: a new one')] + $this->queens->pluck('code', 'id')->all();
    }

    /** @return array<string, string> what may happen to a colony */
    public function happenings(): array
    {
        return [
            'confirmed' => __('queen confirmed'),
            'swarmed' => __('swarmed'),
            'split' => __('split'),
            'united' => __('united'),
            'died' => __('died'),
            'settled' => __('settled'),
        ];
    }
}
