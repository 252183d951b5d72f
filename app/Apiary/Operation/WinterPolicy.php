<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use Marjoram\Core\Reserve\WinterSchool;

/** What is to stay on a hive for winter. */
final readonly class WinterPolicy
{
    /**
     * @param  int  $boxes  brood boxes included, for the rule of the hand
     * @param  float  $factor  on the usual use of stores
     * @param  float  $sugarToStores  kg of stores from a kg of sugar
     * @param  float  $confidence  share of winters to be survived without feeding, 0 to 1
     * @param  string  $from  month and day from which winter stores count, as m-d in the north
     * @param  string  $firstFlow  month and day of the first flow, as m-d in the north
     */
    public function __construct(
        public WinterSchool $school,
        public int $boxes,
        public float $factor,
        public float $sugarToStores,
        public float $confidence,
        public string $from,
        public string $firstFlow,
    ) {
    }

    public static function from(PolicyValues $values): self
    {
        return new self(
            WinterSchool::from($values->text(PolicyOption::WinterSchool)),
            (int) $values->number(PolicyOption::WinterBoxes),
            $values->number(PolicyOption::WinterFactor),
            $values->number(PolicyOption::SugarToStores),
            $values->number(PolicyOption::WinterConfidence),
            $values->text(PolicyOption::WinterFrom),
            $values->text(PolicyOption::FirstFlow),
        );
    }
}
