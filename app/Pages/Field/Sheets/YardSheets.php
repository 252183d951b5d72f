<?php

declare(strict_types=1);

namespace App\Pages\Field\Sheets;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Hives\YardState;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\Eye;
use App\Models\FrameLook;
use App\Models\HiveScale;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Auth;

/** Makes the sheet of a yard that a phone carries into it: all that the core asks for, and what a person reads. */
final readonly class YardSheets
{
    /** Raised where a phone that holds an older one could not read a newer one. */
    public const FORMAT = 2;

    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private DaySheets $days,
        private FrameSheets $frames,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Apiary $apiary): array
    {
        $yard = $this->yards->one($apiary);
        $policy = Policy::at($this->current, $apiary);
        $now = $this->current->now();

        return [
            'format' => self::FORMAT,
            'id' => $apiary->id,
            'slug' => $apiary->slug,
            'name' => $apiary->name,
            'now' => (float) $now->format('U'),
            'zone_offset_s' => $now->getOffset(),
            'policy' => [
                'school' => $policy->ripeness->school->value,
                'capped_min' => $policy->ripeness->cappedMin,
                'water_max_pct' => $policy->ripeness->waterMaxPct,
                'confidence' => $policy->ripeness->confidence,
                'heather' => $policy->ripeness->heather,
                'refractometer' => $policy->hasRefractometer,
            ],
            'policy_words' => $policy->words(),
            'can_rearrange' => $policy->frameByFrame,
            'dry_room' => $this->current->get()->dry_room,
            'flow' => $yard->flow->forRipeness()->value,
            'flow_ended' => $yard->flow->endedOn()?->format('Y-m-d'),
            'eye' => $this->eye(),
            'hives' => $this->hives($yard, $policy),
            'days' => $this->days->of($apiary),
            'marks' => $this->frames->marks($yard),
            'wet' => $this->frames->wet($apiary, $yard),
        ];
    }

    /** @return ?array{offset: float, slope: float} of whoever carries it */
    private function eye(): ?array
    {
        $eye = Eye::query()->where('user_id', Auth::id())->first();

        return $eye === null ? null : ['offset' => $eye->offset, 'slope' => $eye->slope];
    }

    /** @return list<array<string, mixed>> */
    private function hives(YardState $yard, Policy $policy): array
    {
        $zone = $this->current->now()->getTimezone();
        $today = $this->current->day();
        $boxes = array_merge([], ...array_map(
            static fn (HiveState $hive): array => $hive->boxes,
            array_values($yard->hives),
        ));
        $painted = $this->painted($boxes, $today);
        $empty = $this->putOnEmpty($boxes);
        $scales = HiveScale::query()->where('apiary_id', $yard->apiary->id)->pluck('hive_id')->all();
        $hives = [];
        foreach ($yard->hives as $code => $hive) {
            $hives[] = [
                'id' => $hive->id,
                'code' => (string) $code,
                'excluder' => $hive->excluder,
                'alive' => $hive->isAlive,
                'queen' => $hive->queen,
                'meant' => $hive->mark?->words(),
                'notes' => $hive->notes,
                'scale' => in_array($hive->id, $scales, true),
                'boxes' => array_map(
                    static fn (BoxState $box): array => BoxSheet::of(
                        $hive->code,
                        $box,
                        $empty[$box->id] ?? null,
                        $policy,
                        $zone,
                        $painted->get($box->look->id ?? '') ?? new Collection,
                    ),
                    $hive->boxes,
                ),
            ];
        }

        return $hives;
    }

    /**
     * @param  list<BoxState>  $boxes
     * @return Collection<array-key, \Illuminate\Database\Eloquent\Collection<int, FrameLook>> by look, of today
     */
    private function painted(array $boxes, string $today): Collection
    {
        $looks = array_values(array_filter(array_map(static fn (BoxState $box): ?string => $box->look->id, $boxes)));

        return FrameLook::query()
            ->whereIn('assessment_id', $looks)
            ->whereHas('assessment', static fn ($look) => $look->where('looked_on', $today))
            ->orderBy('slot')
            ->get()
            ->groupBy('assessment_id')
            ->toBase();
    }

    /**
     * @param  list<BoxState>  $boxes
     * @return array<string, string> days by box
     */
    private function putOnEmpty(array $boxes): array
    {
        $days = [];
        $places = BoxPlace::query()
            ->whereIn('box_id', array_map(static fn (BoxState $box): string => $box->id, $boxes))
            ->whereNull('until')
            ->whereNotNull('put_on')
            ->where('put_on', '!=', 'filled')
            ->get();
        foreach ($places as $place) {
            $days[$place->box_id] = $place->since->format('Y-m-d');
        }

        return $days;
    }
}
