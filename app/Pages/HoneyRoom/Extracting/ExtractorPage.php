<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Models\ExtractorLoad;
use App\Models\TakenSuper;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use Marjoram\Core\Spin\SpinSide;
use Marjoram\Core\Spin\SpinStep;

/** The extractor: what is in it or would go in next, how it is spun, and what waits. */
final readonly class ExtractorPage
{
    /**
     * @param  ?ExtractorLoad  $running  that is in it now
     * @param  array<int, RotorSlot>  $rotor  by slot, from 1: of the load that runs, else of the next
     * @param  list<SpinStep>  $steps
     * @param  int  $loads  that what waits comes to, with the next
     * @param  int  $waiting  frames
     * @param  int  $mixed  loads in which new combs stand with old ones
     * @param  int  $wet  supers that were read too wet, and are left out
     * @param  Collection<int, TakenSuper>  $supers  that are here and full
     * @param  Collection<int, ExtractorLoad>  $done  of today, newest first
     */
    public function __construct(
        public int $slots,
        public ?ExtractorLoad $running,
        public array $rotor,
        public array $steps,
        public float $imbalanceG,
        public float $asGivenG,
        public float $celsius,
        public float $waterPct,
        public int $loads,
        public int $waiting,
        public int $mixed,
        public int $wet,
        public Collection $supers,
        public Collection $done,
    ) {
    }

    /** The run that is on, from 0; null before the first. */
    public function step(): ?int
    {
        return $this->running?->step;
    }

    public function isLast(): bool
    {
        return $this->step() !== null && $this->step() >= count($this->steps) - 1;
    }

    /** Unix time at which the run that is on should end; null where none is. */
    public function endsAt(): ?int
    {
        $step = $this->step();
        $began = $this->running?->step_at;

        return $step === null || $began === null || ! isset($this->steps[$step])
            ? null
            : $began->getTimestamp() + (int) round(60.0 * $this->steps[$step]->minutes);
    }

    /** The same as the clock on the wall shows it. */
    public function endsWhen(string $zone): string
    {
        return (new DateTimeImmutable('@'.($this->endsAt() ?? 0)))->setTimezone(new DateTimeZone($zone))->format('H:i');
    }

    public function nextStep(): int
    {
        return ($this->step() ?? -1) + 1;
    }

    /** What is done before the next run. */
    public function turnWords(): string
    {
        $next = $this->steps[$this->nextStep()] ?? null;

        return $next !== null && $next->side === SpinSide::Both ? __('Faster') : __('Turned');
    }

    public function forceN(): float
    {
        return max([0.0, ...array_map(static fn (SpinStep $one): float => $one->forceN, $this->steps)]);
    }

    /** How the combs of the next load are opened, by how far they stand out (common practice). */
    public function uncapping(): string
    {
        $isFat = array_filter($this->rotor, static fn (RotorSlot $one): bool => $one->fat) !== [];

        return match (true) {
            $this->hasFresh() => __('New combs: scratcher or roller, so that they are not torn.'),
            $isFat => __('Fat combs are wider than the wood: draw a warm knife along the wood.'),
            default => __('Even combs: roller, or a knife; the scratcher for low spots.'),
        };
    }

    public function hasFresh(): bool
    {
        return array_filter($this->rotor, static fn (RotorSlot $one): bool => $one->fresh) !== [];
    }
}
