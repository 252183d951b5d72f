<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Seasons;
use App\Apiary\Winter\WinterReader;
use App\Models\Apiary;
use App\Models\FollowUp;
use App\Models\Harvest;
use Illuminate\Database\Eloquent\Collection;

/** What comes after the supers are in: space for the bees, wet supers back, the excluder out before winter. */
final readonly class FollowUps
{
    private const SHOWN = 60;

    public function __construct(
        private CurrentOperation $current,
        private WinterReader $winter,
        private Seasons $seasons,
    ) {
    }

    public function after(Apiary $apiary, Harvest $harvest): void
    {
        $tomorrow = $this->current->today()->modify('+1 day');
        $winter = $this->winter->season($apiary)->whole->from;
        $due = [
            'space' => $tomorrow,
            'wet-supers' => $tomorrow->modify('+3 days'),
            'excluder-out' => max($tomorrow, $winter->modify('-7 days')),
        ];
        // One reminder of each kind is enough for a yard.
        $since = $this->seasons->now()->since;
        $pending = FollowUp::pending($since)->where('apiary_id', $apiary->id)->pluck('what')->all();
        foreach (array_diff_key($due, array_flip($pending)) as $what => $on) {
            FollowUp::query()->create([
                'apiary_id' => $apiary->id,
                'harvest_id' => $harvest->id,
                'what' => $what,
                'due_on' => $on->format('Y-m-d'),
            ]);
        }
    }

    /** @return Collection<int, FollowUp> open ones, the soonest first */
    public function open(): Collection
    {
        return FollowUp::open($this->seasons->now()->since, $this->current->today())
            ->with('apiary')
            ->limit(self::SHOWN)
            ->get();
    }
}
