<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Foundation\Places\SeasonCalendar;
use App\Foundation\Units\Formatter;
use App\Models\Bucket;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Marjoram\Core\HoneyRoom\Blending;
use Marjoram\Core\HoneyRoom\BlendResult;
use Marjoram\Core\HoneyRoom\RoomAssumptions;
use Marjoram\Core\HoneyRoom\WetBucket;

/** Which buckets may be poured together under a limit of water, in which order, and what is left. Nothing is stored. */
final readonly class BlendController
{
    private const SHOWN = 120;

    public function show(
        Request $request,
        CurrentOperation $current,
        BlendPicture $picture,
        Formatter $format,
    ): View {
        $season = SeasonCalendar::seasonOf($current->today(), $current->get()->latitude < 0);
        $buckets = Bucket::query()
            ->whereHas('lot', static fn (Builder $lot) => $lot->whereHas(
                'harvest',
                static fn (Builder $harvest) => $harvest->where('season', '>=', $season - 1),
            ))
            ->with(['lot', 'pours'])
            ->orderByDesc('weighed_at')
            ->orderBy('number')
            ->limit(self::SHOWN)
            ->get()
            ->filter(static fn (Bucket $one): bool => $one->leftKg() > 0.05)
            ->values();
        $read = $buckets->filter(static fn (Bucket $one): bool => $one->water_pct !== null);
        $given = $request->query('buckets');
        $chosen = $request->query('calculate') === null
            ? $read
            : $read->whereIn('id', is_array($given) ? array_filter($given, is_string(...)) : []);
        $asked = $request->query('limit');
        $usual = Policy::of($current->get())->ripeness->waterMaxPct;
        $limit = is_numeric($asked) ? max(14.0, min(23.0, (float) $asked)) : $usual;
        $blend = (new Blending)->blend(
            array_values($chosen->map(self::wet(...))->all()),
            $limit,
        );

        return view('honey-room.blend', [
            'buckets' => $buckets,
            'read' => $read,
            'unread' => $buckets->count() - $read->count(),
            'chosen' => $chosen->modelKeys(),
            'limit' => $limit,
            'blend' => $blend,
            'sdPct' => (new RoomAssumptions)->blendSdPct($blend),
            'picture' => $picture->of($blend, $limit),
            'pours' => self::pours($blend, $chosen, $format),
        ]);
    }

    /**
     * What goes out of each bucket, in the person's unit.
     *
     * @param  Collection<int, Bucket>  $buckets
     * @return array<string, float> by id
     */
    private static function pours(BlendResult $blend, Collection $buckets, Formatter $format): array
    {
        $ids = $buckets->mapWithKeys(static fn (Bucket $one): array => [self::wet($one)->id => $one->id])->all();
        $pours = [];
        foreach ($blend->take as $one) {
            $pours[$ids[$one->id]] = round($format->massValue($one->kg), 3);
        }

        return $pours;
    }

    private static function wet(Bucket $bucket): WetBucket
    {
        return new WetBucket(
            $bucket->lot->code.' / '.$bucket->number,
            $bucket->leftKg(),
            max(10.0, min(30.0, (float) $bucket->water_pct)),
        );
    }
}
