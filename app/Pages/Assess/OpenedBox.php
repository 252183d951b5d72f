<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Drawing\Picture;
use App\Models\Apiary;
use App\Models\Instrument;
use Illuminate\Database\Eloquent\Collection;

/** The box of a hive that is being looked at, with the frame in the painter. */
final readonly class OpenedBox
{
    /**
     * @param  ?string  $on  the day that is being entered from a note (Y-m-d), where not today
     * @param  Collection<int, Instrument>  $instruments
     */
    public function __construct(
        public Apiary $apiary,
        public HiveState $hive,
        public BoxState $box,
        public int $slot,
        public ?string $on,
        public PainterData $looks,
        public ?NextStop $next,
        public Collection $instruments,
        public BoxHistory $history,
        public Picture $picture,
        public ?Picture $chart,
        public PainterFrames $frames,
    ) {
    }

    /** The painter at a frame of this box. */
    public function at(int $slot): string
    {
        return $this->url(['box' => $this->box->id, 'slot' => $slot]);
    }

    public function nextFrame(): string
    {
        return $this->at(min($this->box->fitted->framesFitted, $this->slot + 1));
    }

    /** @param  array<string, string|int>  $what */
    private function url(array $what): string
    {
        $where = [$this->apiary->slug, $this->hive->code] + $what + ['on' => $this->on];

        return route('assess.hive', array_filter($where)).'#painter';
    }
}
