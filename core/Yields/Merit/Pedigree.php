<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

use Marjoram\Core\InvalidInput;

/**
 * Who is whose mother; the drones are taken to be unknown and unrelated.
 *
 * C. R. Henderson (1976), "A simple method for computing the inverse of a numerator relationship matrix": with
 * A = T D T', D is 3/4 for a queen with a known mother and 1 for one without, and the inverse is built row by row.
 */
final readonly class Pedigree
{
    private const WITH_MOTHER = 0.75;

    /** @var array<int, int> mother's place by the daughter's, daughters before their mothers */
    public array $mothers;

    /** @var list<string> names by place */
    public array $names;

    /**
     * @param  array<string|int, string>  $mothers  by daughter; a mother may have no record
     * @param  list<string>  $more  queens that are in nobody's line
     *
     * @throws InvalidInput when a queen is her own foremother
     */
    public function __construct(array $mothers, array $more = [])
    {
        $named = [];
        foreach ($more as $queen) {
            $named[$queen] = true;
        }
        foreach ($mothers as $daughter => $mother) {
            $named[$daughter] = $named[$mother] = true;
        }
        $this->names = array_map(strval(...), array_keys($named));
        $places = array_flip($this->names);
        $of = [];
        foreach ($mothers as $daughter => $mother) {
            $of[$places[(string) $daughter]] = $places[$mother];
        }
        $depth = self::depths($of, $this->names);
        uksort($of, static fn (int $a, int $b): int => $depth[$b] <=> $depth[$a]);
        $this->mothers = $of;
    }

    /** @return array<string, int> place by name */
    public function places(): array
    {
        return array_flip($this->names);
    }

    public function size(): int
    {
        return count($this->names);
    }

    /** @return array<int, float> the diagonal of the inverse of A */
    public function diagonal(): array
    {
        $diagonal = [];
        foreach (array_keys($this->names) as $i) {
            $diagonal[] = isset($this->mothers[$i]) ? 1.0 / self::WITH_MOTHER : 1.0;
        }
        foreach ($this->mothers as $mother) {
            $diagonal[$mother] += 0.25 / self::WITH_MOTHER;
        }

        return $diagonal;
    }

    /** Between a daughter and her mother, in the inverse of A. */
    public function between(): float
    {
        return -0.5 / self::WITH_MOTHER;
    }

    /** Of the determinant of A. */
    public function logDeterminant(): float
    {
        return count($this->mothers) * log(self::WITH_MOTHER);
    }

    /** @return array<int, list<int>> daughters by mother */
    public function daughters(): array
    {
        $daughters = [];
        foreach ($this->mothers as $daughter => $mother) {
            $daughters[$mother][] = $daughter;
        }

        return $daughters;
    }

    /**
     * @param  array<int, int>  $mothers
     * @param  list<string>  $names
     * @return array<int, int> generations above each
     */
    private static function depths(array $mothers, array $names): array
    {
        $depth = [];
        foreach (array_keys($names) as $queen) {
            $line = [];
            $one = $queen;
            while (! isset($depth[$one])) {
                if (isset($line[$one])) {
                    throw InvalidInput::because(
                        'Queen :queen descends from herself.',
                        'a queen whose mother is older than she is',
                        '/mothers/'.strtr($names[$one], ['~' => '~0', '/' => '~1']),
                        ['queen' => $names[$one]],
                    );
                }
                $line[$one] = true;
                if (! isset($mothers[$one])) {
                    $depth[$one] = 0;
                    break;
                }
                $one = $mothers[$one];
            }
            $above = $depth[$one];
            foreach (array_reverse(array_keys($line)) as $member) {
                $depth[$member] ??= ++$above;
            }
        }

        return $depth;
    }
}
