<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use DateTimeImmutable;
use Marjoram\Core\Statement;

/** One way of clearing one apiary: dates, minutes and what it leaves; or why it cannot be done. */
final readonly class MethodOutcome
{
    /**
     * @param  ?Statement  $refusal  of a Refusal; null where it can be done
     * @param  list<DateTimeImmutable>  $visits
     * @param  list<Statement>  $cautions  of Cautions
     * @param  float  $penaltyMinutes  for a second drive, bees left and robbing in a dearth
     * @param  list<string>  $hives  ids of those that it reaches, where it does not reach all
     * @param  list<self>  $parts  it for those, and the method of the others
     */
    private function __construct(
        public Method $method,
        public ?Statement $refusal,
        public array $visits = [],
        public float $personMinutes = 0.0,
        public float $onSiteMinutes = 0.0,
        public float $beesLeftPerSuper = 0.0,
        public array $cautions = [],
        public float $penaltyMinutes = 0.0,
        public array $hives = [],
        private array $parts = [],
    ) {
    }

    public static function refused(Method $method, Statement $why): self
    {
        return new self($method, $why);
    }

    /**
     * @param  list<DateTimeImmutable>  $visits
     * @param  float  $onSiteMinutes  of the crew together
     */
    public static function planned(
        Method $method,
        array $visits,
        Job $job,
        float $onSiteMinutes,
        float $beesLeftPerSuper,
        Statement ...$cautions,
    ): self {
        $person = $onSiteMinutes * $job->crew;
        $penalty = $job->penalty($method, count($visits), $beesLeftPerSuper);

        return new self(
            $method,
            null,
            $visits,
            $person,
            $onSiteMinutes,
            $beesLeftPerSuper,
            array_values($cautions),
            $penalty,
        );
    }

    /**
     * The same for some hives, and another method for the rest: its minutes are those of both.
     *
     * @param  list<string>  $hives  ids of those that this method reaches
     */
    public function with(self $rest, array $hives): self
    {
        return new self(
            $this->method,
            null,
            $this->visits,
            $this->personMinutes + $rest->personMinutes,
            $this->onSiteMinutes + $rest->onSiteMinutes,
            $this->beesLeftPerSuper,
            [...$this->cautions, ...$rest->cautions],
            $this->penaltyMinutes + $rest->penaltyMinutes,
            $hives,
            [$this->of($hives), $rest],
        );
    }

    /** @return non-empty-list<self> itself; where it does not reach all hives, itself and what the others get */
    public function parts(): array
    {
        return $this->parts === [] ? [$this] : $this->parts;
    }

    /** How the hives that it does not reach are cleared; null where it reaches all. */
    public function rest(): ?self
    {
        return $this->parts[1] ?? null;
    }

    public function reaches(string $hive): bool
    {
        return $this->hives === [] || in_array($hive, $this->hives, true);
    }

    /** @param  list<string>  $hives  ids of those that it is for */
    public function of(array $hives): self
    {
        return new self(
            $this->method,
            $this->refusal,
            $this->visits,
            $this->personMinutes,
            $this->onSiteMinutes,
            $this->beesLeftPerSuper,
            $this->cautions,
            $this->penaltyMinutes,
            $hives,
        );
    }

    public function feasible(): bool
    {
        return $this->refusal === null;
    }

    public function robbingRisk(): RobbingRisk
    {
        return $this->method->robbingRisk();
    }

    /** Minutes by which methods are ranked: the work, a second drive, bees left and robbing in a dearth. */
    public function weight(): float
    {
        return $this->personMinutes + $this->penaltyMinutes;
    }
}
