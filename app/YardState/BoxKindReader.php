<?php

declare(strict_types=1);

namespace App\YardState;

use App\Models\Box;
use App\Models\BoxKindRow;
use App\Operation\Computed;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\FittedBox;

/** The box kinds an operation knows: the standard ones and its own. */
final class BoxKindReader
{
    /** @var array<string, BoxKind>|null */
    private ?array $all = null;

    public function __construct(private readonly Computed $kept)
    {
    }

    /** @return array<string, BoxKind> */
    public function all(): array
    {
        return $this->all ??= BoxKinds::standard() + $this->own();
    }

    public function get(string $key): BoxKind
    {
        return $this->all()[$key] ?? BoxKinds::get('langstroth-medium-10');
    }

    /** A box with as many frames as were put into it. */
    public function fitted(Box $box): FittedBox
    {
        $kind = $this->get($box->kind);

        return new FittedBox($kind, min($kind->frames, $box->frames_fitted ?? $kind->frames));
    }

    /** @return array<string, BoxKind> */
    private function own(): array
    {
        return $this->kept->remember(
            'kinds',
            fn (): array => BoxKindRow::query()
                ->get()
                ->mapWithKeys(
                    fn (BoxKindRow $row): array => [
                        $row->key => new BoxKind(
                            $row->key,
                            $row->name,
                            $row->frames,
                            $row->comb_area_dm2,
                            $row->inside_width_mm,
                            $row->external_height_mm,
                            $row->external_length_mm,
                            $row->external_width_mm,
                            $row->empty_mass_kg,
                        ),
                    ],
                )
                ->all(),
        );
    }
}
