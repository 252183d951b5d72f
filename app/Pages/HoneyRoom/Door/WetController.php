<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Door;

use App\Apiary\Harvest\Journey;
use App\Apiary\Hives\Stacks;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\Box;
use App\Models\FollowUp;
use App\Models\Lot;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\LotStack;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/** Wet supers leave: back on the hives they came from, to a cleaning place, or dry into store. */
final readonly class WetController
{
    /** Bees clean wet supers in a few days; check for moths after a fortnight (common practice). */
    private const CLEANED_DAYS = 3;

    private const MOTH_DAYS = 14;

    public function __construct(private CurrentOperation $current, private Stacks $stacks, private Journey $journey)
    {
    }

    public function store(Request $request, Lot $lot): RedirectResponse
    {
        $values = $request->validate([
            'to' => ['required', 'in:home,cleaning,store'],
            'healthy' => ['nullable', 'boolean'],
        ]);
        if ($values['to'] === 'cleaning' && ! (bool) ($values['healthy'] ?? false)) {
            throw ValidationException::withMessages([
                'healthy' => __('Only supers of healthy colonies go to a cleaning place. Tick that all colonies are healthy.'),
            ]);
        }
        $lot->claim(null)->load(['harvest.supers.box.place', 'harvest.supers.hive']);
        $wet = (new LotStack($lot, $lot->harvest->supers->toBase()))
            ->at(Station::Spun, Station::Cleaning)
            ->filter(static fn (TakenSuper $one): bool => ! $one->isFrame());
        if ($wet->isEmpty()) {
            throw ValidationException::withMessages(['to' => __('No wet super of this lot is here.')]);
        }
        if ($values['to'] === 'home') {
            $this->ontoHives($wet);
        }
        $this->journey->move($wet, match ($values['to']) {
            'home' => Station::Home,
            'cleaning' => Station::Cleaning,
            default => Station::Stored,
        });
        $this->remember($lot, $values['to']);

        return Saved::at(route('honey-room.lot', $lot->id), trans_choice(match ($values['to']) {
            'home' => '{1} :count super is back on its hive.|[2,*] :count supers are back on their hives.',
            'cleaning' => '{1} :count super is at the cleaning place.|[2,*] :count supers are at the cleaning place.',
            default => '{1} :count super is in store.|[2,*] :count supers are in store.',
        }, $wet->count()));
    }

    /** For keepers who do not tap each step: all supers of the lot are extracted and stored. */
    public function away(Lot $lot): RedirectResponse
    {
        $lot->claim(null)->load(['buckets', 'harvest.supers']);
        if ($lot->buckets->isEmpty()) {
            throw ValidationException::withMessages(['lot' => __('No bucket of lot :lot is weighed yet.', ['lot' => $lot->code])]);
        }
        $there = $lot->harvest->supers->filter(static fn (TakenSuper $one): bool => $one->isOnTheBench());
        $this->journey->move($there, Station::Stored);

        return Saved::at(route('honey-room.lot', $lot->id), __('Lot :lot is put away.', ['lot' => $lot->code]));
    }

    /** @param  Collection<int, TakenSuper>  $wet  each onto the hive it came from, unless its box is in use */
    private function ontoHives(Collection $wet): void
    {
        foreach ($wet->filter(static fn (TakenSuper $one): bool => $one->box->place === null) as $super) {
            // Read the box again: the placing writes to it.
            $box = Box::query()->whereKey($super->box_id)->firstOrFail();
            $this->stacks->put($box, $super->hive, null, 'super', $this->current->day(), 'drawn');
        }
    }

    /** Puts the next task on the desk for its day. */
    private function remember(Lot $lot, string $to): void
    {
        [$what, $days] = match ($to) {
            'cleaning' => ['supers-cleaned', self::CLEANED_DAYS],
            'store' => ['moth', self::MOTH_DAYS],
            default => [null, 0],
        };
        if ($what !== null) {
            FollowUp::query()->create([
                'apiary_id' => $lot->harvest->apiary_id,
                'what' => $what,
                'due_on' => (new DateTimeImmutable($this->current->day()))->modify("+$days days")->format('Y-m-d'),
            ]);
        }
    }
}
