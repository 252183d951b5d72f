<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Assessment;
use App\Models\Box;
use App\Models\FrameLook;
use App\Models\MoistureReading;
use Illuminate\Database\Eloquent\Factories\Factory;
use Marjoram\Core\Comb\Face;

/**
 * A look at a box on the operation's day, with nothing seen yet.
 *
 * @extends Factory<Assessment>
 */
final class AssessmentFactory extends Factory
{
    private const AT = OperationFactory::TODAY.' 08:00';

    protected $model = Assessment::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['looked_at' => self::AT, 'looked_on' => substr(self::AT, 0, 10)];
    }

    public function of(Box $box, string $at = self::AT): self
    {
        return $this->state([
            'box_id' => $box->id,
            'hive_id' => $box->place?->hive_id,
            'looked_at' => $at,
            'looked_on' => substr($at, 0, 10),
        ]);
    }

    /** So many frames that look the same on both sides, from slot 1 on. */
    public function frames(int $count, Face $face): self
    {
        return $this->afterCreating(static function (Assessment $look) use ($count, $face): void {
            for ($slot = 1; $slot <= $count; $slot++) {
                $frame = ['assessment_id' => $look->id, 'slot' => $slot, 'a' => $face, 'b' => $face];
                FrameLook::query()->create($frame);
            }
        });
    }

    /** A reading of the refractometer, % of water. */
    public function water(float ...$pct): self
    {
        return $this->afterCreating(static function (Assessment $look) use ($pct): void {
            foreach ($pct as $one) {
                MoistureReading::query()->create([
                    'assessment_id' => $look->id,
                    'scale' => 'water',
                    'value' => $one,
                    'compensated' => true,
                    'read_at' => self::AT,
                ]);
            }
        });
    }
}
