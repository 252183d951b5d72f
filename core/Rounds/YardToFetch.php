<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\InvalidInput;

/** A yard whose supers are to come in. */
final readonly class YardToFetch
{
    /** @var non-empty-list<Method> that may be used here */
    public array $methods;

    /**
     * @param  float  $supers  supers to come off, of all its hives
     * @param  list<Method>|null  $methods  that may be used here; null for all
     * @param  array<int, Sky>  $skies  by the day's place in the question's list: its own weather, where it is known
     *
     * @throws InvalidInput when there is nothing to fetch, or the deadline is before the yard is ready
     */
    public function __construct(
        public string $id,
        public int $hives,
        public float $supers,
        public DateTimeImmutable $ready,
        public DateTimeImmutable $deadline,
        ?array $methods = null,
        public array $skies = [],
    ) {
        InvalidInput::unlessWithin($hives, 1, 2000, 'The hives', '/hives');
        InvalidInput::unlessWithin($supers, 0.0, 10000.0, 'The supers', '/supers');
        if ($deadline < $ready) {
            [$by, $from] = [$deadline->format('Y-m-d'), $ready->format('Y-m-d')];
            throw InvalidInput::because(
                'The deadline of :yard, :deadline, is before it is ready, :ready.',
                "a deadline on or after $from",
                '/deadline',
                ['yard' => $id, 'deadline' => $by, 'ready' => $from],
            );
        }
        $methods ??= Method::usual();
        if ($methods === []) {
            throw InvalidInput::because(
                'No method is allowed at :yard.',
                'one method or more',
                '/methods',
                ['yard' => $id],
            );
        }
        $this->methods = $methods;
    }

    public function supersPerHive(): float
    {
        return $this->supers / $this->hives;
    }
}
