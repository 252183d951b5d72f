<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Apiary\Operation\OperationCache;
use App\Foundation\Cache\ScopeVersions;
use App\Models\Colony;
use App\Pages\Compare\Crop;
use App\Pages\Compare\YieldReader;
use Illuminate\Support\Collection;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Yields\Merit\Merits;
use Marjoram\Core\Yields\Merit\QueenModel;
use Marjoram\Core\Yields\Merit\YieldScale;

/** What the crops of closed seasons say of queens; calculated once for each change of the records. */
final readonly class MeritReader
{
    public function __construct(private OperationCache $cache, private YieldReader $yields)
    {
    }

    /** @return Collection<int, Crop> */
    public function crops(): Collection
    {
        return $this->cache->of('crops', [ScopeVersions::ALL], $this->yields->read(...));
    }

    /** @return Collection<int, Crop> of seasons that are closed: by others no queen is judged */
    public function closed(): Collection
    {
        return $this->crops()->where('final', true)->values();
    }

    /** Null where there is nothing to judge by. */
    public function of(YieldScale $scale): ?Merits
    {
        return $this->cache->of("merits.$scale->value", [ScopeVersions::ALL], fn (): ?Merits => $this->make($scale));
    }

    /** The scale on which the yields are likelier: the logarithm where good hives and yards differ more. */
    public function proposed(): YieldScale
    {
        [$plain, $log] = [$this->of(YieldScale::Kg), $this->of(YieldScale::Log)];

        return $plain !== null && $log !== null && $log->isLikelierThan($plain) ? YieldScale::Log : YieldScale::Kg;
    }

    private function make(YieldScale $scale): ?Merits
    {
        $records = $this->yields->records($this->closed());
        $alive = Colony::query()
            ->whereNull('ended_on')
            ->join('queens', 'queens.id', '=', 'colonies.queen_id')
            ->pluck('queens.code')
            ->all();
        if ($records === []) {
            return null;
        }
        try {
            return (new QueenModel)->fit(
                $records,
                $this->yields->mothers(),
                $scale,
                array_values(array_filter($alive, is_string(...))),
            );
        } catch (InvalidInput) {
            // Somebody entered a queen as her own foremother: judged without kin until that is put right.
            return (new QueenModel)->fit($records, [], $scale, array_values(array_filter($alive, is_string(...))));
        }
    }
}
