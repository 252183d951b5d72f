<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Models\Bucket;
use App\Models\Lot;
use Marjoram\Core\HoneyRoom\RoomAssumptions;

/** The buckets of a lot, filled to what they hold; dashed those still expected. */
final readonly class BucketRow
{
    private const FLOOR = 56.0;

    public function __construct(private Formatter $format)
    {
    }

    public function of(Lot $lot, float $judgedKg): Picture
    {
        $nets = array_values($lot->buckets->map(fn (Bucket $bucket): float => $bucket->netKg())->all());
        $weighed = array_sum($nets);
        $full = (new RoomAssumptions)->bucketKg;
        $missing = $weighed < 0.6 * $judgedKg ? (int) ceil(($judgedKg - $weighed) / $full) : 0;
        $canvas = new Canvas;
        $x = 2.0;
        foreach ([...$nets, ...array_fill(0, $missing, null)] as $net) {
            self::bucket($canvas, $x, $net);
            $x += 40.0;
        }
        $canvas->text('t20 b', min(560.0, $x + 8.0), 46.0, $this->format->kg($weighed));
        $said = ['n' => count($nets), 'kg' => $this->format->kg($weighed)];

        return new Picture(712.0, 60.0, $canvas->shapes(), __(':n buckets weighed, :kg', $said));
    }

    private static function bucket(Canvas $canvas, float $x, ?float $net): void
    {
        if ($net !== null) {
            $height = min(1.0, $net / (new RoomAssumptions)->bucketKg) * 40.0;
            $canvas->rect('cap', $x + 2.0, self::FLOOR - $height, 28.0, $height);
        }
        $class = $net === null ? 'bk exp' : 'bk';
        $canvas->path($class, Canvas::at('M', $x, 14.0).'l2 42h28l2-42z')
            ->path($class, Canvas::at('M', $x + 1.0, 14.0).'q15-12 30 0');
    }
}
