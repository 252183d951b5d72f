<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Drawing\ElevationPicture;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\Queen;
use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Support\Collection;
use Marjoram\Core\Comb\BoxKind;

/** All yards, the kinds of box, the queens and what is in store. */
final readonly class KitPage
{
    /**
     * @param  Collection<int, Apiary>  $apiaries
     * @param  array<string, ElevationPicture>|null  $pictures  by yard id; null where there are too many to draw
     * @param  array<string, BoxKind>  $kinds
     * @param  array<string, string>  $ownKinds  ids of their records by key
     * @param  Records<int, Queen>  $queens
     * @param  Records<int, Box>  $store
     */
    public function __construct(
        public Collection $apiaries,
        public ?array $pictures,
        public array $kinds,
        public array $ownKinds,
        public Records $queens,
        public Records $store,
    ) {
    }

    /** @return array<string, string> */
    public function kindNames(): array
    {
        return array_map(static fn (BoxKind $kind): string => $kind->name, $this->kinds);
    }

    public function kindOf(Box $box): string
    {
        return $this->kinds[$box->kind]->name ?? $box->kind;
    }
}
