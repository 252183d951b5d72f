<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/**
 * What a record bears on: the places whose computed state is made again once it changes. A scope is a word and an id,
 * such as "hive.01J..." or "flow".
 */
final readonly class Bearing
{
    /** The scope of what bears on everything, such as a policy. */
    public const EVERYWHERE = '*';

    /** The scope of what is read for the operation as a whole and nowhere else. */
    public const ELSEWHERE = '-';

    /** @param  non-empty-list<string>  $scopes */
    private function __construct(public array $scopes)
    {
    }

    public static function everywhere(): self
    {
        return new self([self::EVERYWHERE]);
    }

    public static function elsewhere(): self
    {
        return new self([self::ELSEWHERE]);
    }

    public function with(self $other): self
    {
        return new self([...$this->scopes, ...$other->scopes]);
    }

    public static function on(string $scope, string ...$more): self
    {
        return new self([$scope, ...array_values($more)]);
    }
}
