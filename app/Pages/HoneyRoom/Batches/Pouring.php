<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Foundation\Units\Formatter;
use App\Models\Batch;
use App\Models\Bucket;
use App\Models\Pour;
use App\Models\PourWhy;
use Illuminate\Validation\ValidationException;

/** Honey goes out of buckets; no bucket gives more than it holds. */
final readonly class Pouring
{
    /** Resolution of the scale, kg: a rest smaller than this is poured too. */
    private const GRAIN_KG = 0.02;

    public function __construct(private Formatter $format)
    {
    }

    /**
     * @param  array<string, float>  $kg  by the bucket's id
     *
     * @throws ValidationException where a bucket is not there, or holds less
     */
    public function pour(array $kg, PourWhy $why, ?Batch $batch, string $day): void
    {
        $buckets = Bucket::query()
            ->whereKey(array_keys($kg))
            ->with(['pours', 'lot'])
            ->orderBy('id')
            ->lockForUpdate()
            ->get()
            ->keyBy('id');
        foreach ($kg as $id => $one) {
            $bucket = $buckets->get($id)
                ?? throw ValidationException::withMessages(['pour' => __('One of these buckets is no longer there.')]);
            $left = $bucket->leftKg();
            if ($one > $left + self::GRAIN_KG || $left <= 0.0) {
                throw ValidationException::withMessages(['pour' => __('Bucket :bucket holds :left; :kg cannot be poured out of it.', [
                    'bucket' => $bucket->lot->code.' / '.$bucket->number,
                    'left' => $this->format->kg($left, 2),
                    'kg' => $this->format->kg($one, 2),
                ])]);
            }
            Pour::query()->create([
                'bucket_id' => $bucket->id,
                'batch_id' => $batch?->id,
                'why' => $why,
                'kg' => $left - $one < self::GRAIN_KG ? $left : $one,
                'poured_on' => $day,
            ]);
        }
    }
}
