<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Models\QueenMark;
use Marjoram\Core\Yields\Merit\QueenMerit;

/** A queen with where she stands and what is known of her. */
final readonly class KnownQueen
{
    /**
     * @param  ?string  $id  null where she is known from earlier notes alone
     * @param  ?int  $year  null where it is not known
     * @param  ?string  $hive  code of the hive that she heads; null where she heads none
     * @param  ?string  $yard  slug
     */
    public function __construct(
        public ?string $id,
        public string $code,
        public string $line,
        public ?int $year,
        public ?string $mother,
        public ?string $hive,
        public ?string $yard,
        public ?string $yardName,
        public ?QueenMerit $merit,
        public ?QueenMark $mark,
    ) {
    }

    public function isAlive(): bool
    {
        return $this->hive !== null;
    }
}
