<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\JudgedSuper;
use App\Drawing\ElevationPicture;
use Marjoram\Core\Comb\Kilograms;

/** A whole yard as the Assess page shows it. Plain values, since it is cached; drawn for each reader. */
final readonly class YardBoard
{
    /**
     * @param  list<JudgedSuper>  $worth  supers to look at, the look worth most first
     * @param  list<JudgedSuper>  $supers  all, hive by hive from the top
     */
    public function __construct(
        public int $hives,
        public Kilograms $ripe,
        public int $toLook,
        public string $flow,
        public ElevationPicture $picture,
        public array $worth,
        public array $supers,
    ) {
    }

    /** @return list<JudgedSuper> that nobody has to look at, hive by hive from the top */
    public function judged(): array
    {
        return array_values(array_filter($this->supers, static fn (JudgedSuper $one): bool => ! $one->isToLookAt()));
    }
}
