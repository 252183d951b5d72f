<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Apiary\Operation\OperationCache;
use App\Foundation\Cache\ScopeVersions;
use App\Models\Box;
use App\Models\BoxKindRow;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\FittedBox;

/** The box kinds an operation knows: the standard ones and its own. */
final class BoxKindReader
{
    /** @var array<string, BoxKind>|null */
    private ?array $all = null;

    private int $readAt = -1;

    public function __construct(private readonly OperationCache $cache, private readonly ScopeVersions $versions)
    {
    }

    /** @return array<string, BoxKind> */
    public function all(): array
    {
        if ($this->readAt !== $this->versions->generation()) {
            $this->all = null;
            $this->readAt = $this->versions->generation();
        }

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

        $drawnAt = $box->combs_drawn_at === null ? null : min($kind->frames, $box->combs_drawn_at);

        return new FittedBox($kind, min($kind->frames, $box->frames_fitted ?? $kind->frames), $drawnAt);
    }

    /** @return array<string, BoxKind> */
    private function own(): array
    {
        return $this->cache->of('kinds', [], static function (): array {
            $kinds = [];
            foreach (BoxKindRow::query()->get() as $row) {
                $kinds[$row->key] = $row->kind();
            }

            return $kinds;
        });
    }
}
