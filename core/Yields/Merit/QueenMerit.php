<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

/** What a queen gives more than a queen of the same yard and year would, on the scale that was asked for. */
final readonly class QueenMerit
{
    /**
     * @param  int  $records  seasons of her own
     * @param  int  $daughters  seasons of her daughters
     * @param  float  $merit  predicted
     * @param  float  $sd  of the prediction, with what is not known of the yards and years
     * @param  float  $pTop  to be among the best of those that live; 0 where she is not one of them
     * @param  float  $pBelow  to give less than the mean of her yard
     */
    public function __construct(
        public string $queen,
        public int $records,
        public int $daughters,
        public float $merit,
        public float $sd,
        public float $pTop,
        public float $pBelow,
        public QueenAdvice $advice,
    ) {
    }
}
