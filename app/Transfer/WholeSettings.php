<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use Illuminate\Support\Facades\DB;
use Throwable;

/** The settings of a whole operation as they come in. */
final readonly class WholeSettings
{
    /** Of the operation; what else it has stays as it was. */
    private const SETTINGS = [
        'name',
        'time_zone',
        'latitude',
        'longitude',
        'policy',
        'policy_version',
        'kit',
        'crew',
        'extractor',
        'extractor_radius_cm',
        'extractor_radial',
        'extractor_rpm',
        'extractor_force_n',
        'dry_room',
        'demo_today',
    ];

    public function __construct(private CurrentOperation $current)
    {
    }

    /**
     * @param  array<array-key, mixed>  $settings
     *
     * @throws Unreadable naming the setting
     */
    public function read(array $settings, Limits $limits): void
    {
        $known = array_intersect_key($settings, array_flip(self::SETTINGS));
        foreach ($known as $name => $value) {
            try {
                if (! is_scalar($value) && $value !== null) {
                    throw Unreadable::because(__('the setting must be a single value'));
                }
                $limits->check('operations', WholeColumn::of((string) $name, 'varchar', 'varchar', true), $value);
            } catch (Unreadable $refusal) {
                throw $refusal->at("operation, $name");
            }
        }
        DB::table('operations')->where('id', $this->current->get()->id)->update($known + ['imported_at' => now()]);
        $operation = $this->current->get()->refresh();
        try {
            Policy::of($operation);
            $operation->getAttribute('kit');
        } catch (Throwable) {
            throw Unreadable::because('operation: '.__('the policy or kit is not known here'));
        }
    }
}
