<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Writes\Change;
use App\Foundation\Writes\TakesBack;
use App\Models\Casts\AsKit;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Marjoram\Core\Clearing\Kit;

/**
 * One beekeeping business. Its policy is a set of named choices with a version; verdicts name the version they used.
 *
 * @property string $id
 * @property string $name
 * @property string $time_zone
 * @property float $latitude
 * @property float|null $longitude  of the honey room, where the drives begin; null: in the middle of the yards
 * @property array<string, mixed> $policy
 * @property int $policy_version
 * @property Kit $kit
 * @property int $crew
 * @property int $extractor  frames that it holds
 * @property float $extractor_radius_cm  from the shaft to the middle of the combs
 * @property bool $extractor_radial
 * @property int $extractor_rpm  at most
 * @property int $extractor_force_n  that may pull at its shaft
 * @property string|null $room_sensor  address of what measures the air of the warm room
 * @property string|null $bench_scale  address of the scale of the honey room
 * @property bool $dry_room
 * @property Carbon|null $demo_today
 */
final class Operation extends Model implements TakesBack
{
    use HasUlids;

    protected $guarded = ['id'];

    protected $attributes = [
        'policy_version' => 1,
        'policy' => '{}',
        'kit' => '{}',
        'crew' => 1,
        'extractor' => 4,
        'extractor_radius_cm' => 30,
        'extractor_radial' => false,
        'extractor_rpm' => 300,
        'extractor_force_n' => 150,
        'room_sensor' => null,
        'bench_scale' => null,
        'dry_room' => false,
        'longitude' => null,
        'demo_today' => null,
    ];

    protected $casts = [
        'policy' => 'array',
        'kit' => AsKit::class,
        'crew' => 'integer',
        'extractor' => 'integer',
        'extractor_radius_cm' => 'float',
        'extractor_radial' => 'boolean',
        'extractor_rpm' => 'integer',
        'extractor_force_n' => 'integer',
        'demo_today' => 'date',
        'latitude' => 'float',
        'longitude' => 'float',
        'dry_room' => 'boolean',
    ];

    protected static function booted(): void
    {
        // Policy, kit and the demo's day bear on every yard.
        self::saved(fn () => app(ScopeVersions::class)->touch(ScopeVersions::EVERYWHERE));
    }

    /**
     * A change of policy is a new version, written to the audit trail.
     *
     * @param  array<string, mixed>  $policy
     */
    public function adopt(array $policy): void
    {
        activity()
            ->event('policy')
            ->performedOn($this)
            ->withProperties(['old' => $this->policy, 'attributes' => $policy])
            ->log('policy');
        $this->update(['policy' => $policy, 'policy_version' => $this->policy_version + 1]);
    }

    /**
     * A change of what it has and where it is, written to the audit trail.
     *
     * @param  array<string, mixed>  $values
     */
    public function change(array $values): void
    {
        $this->fill($values);
        $changed = array_keys($this->getDirty());
        if ($changed !== []) {
            $old = (new self)->forceFill($this->getOriginal());
            activity()
                ->event('settings')
                ->performedOn($this)
                ->withProperties([
                    'old' => array_intersect_key($old->attributesToArray(), array_flip($changed)),
                    'attributes' => array_intersect_key($this->attributesToArray(), array_flip($changed)),
                ])
                ->log('settings');
        }
        $this->save();
    }

    /** Undoing a policy makes a newer version, so that verdicts still name the version they used. */
    public function takeBack(Change $change): void
    {
        if ($change->event === 'policy' && $this->policy == $change->new) {
            $this->update(['policy' => $change->old, 'policy_version' => $this->policy_version + 1]);
        } elseif ($change->event === 'settings' && $change->stands($this)) {
            $this->update($change->old);
        }
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }
}
