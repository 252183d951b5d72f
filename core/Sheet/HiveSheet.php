<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use JsonException;
use Marjoram\Core\Calibration\EyeCorrection;
use Marjoram\Core\Hives\Circumstances;
use Marjoram\Core\Hives\Hives;
use Marjoram\Core\Hives\JudgedBox;
use Marjoram\Core\Hives\KnownBox;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessSchool;

/**
 * A hive's boxes judged from the sheet that a phone carries into the yard. Entry point of the module.
 *
 * The sheet is one JSON object: `now` (seconds since 1970), `today` (YYYY-MM-DD), `policy` (school, capped_min,
 * water_max_pct, confidence, heather, refractometer), `can_rearrange`, `dry_room`, `flow` (on, slow, over, unknown),
 * `flow_ended` (YYYY-MM-DD, the first day without nectar; may be null), `eye` (offset, slope; may be null),
 * `excluder`, and `boxes` from the floor up. A box has `id`, `super`, `kind` (frames, comb_area_dm2, inside_width_mm,
 * empty_mass_kg), `frames_fitted`, `drawn_at`, `comb` (fill_capped, fill_open, box_relative_sd), `empty_since`, `gaps`
 * (a count), `last_season` (nobody has inspected it since the season ended), `look` (on, at, frames, shake, readings,
 * days_since_last, last_capped_share: as stored, frames corrected by the eye that saw them) and `taps` (frames as
 * painted, shake, readings, and moved with the slots that a frame left or came into: only what was tapped since). It
 * is what the server judges by, in another coat.
 */
final readonly class HiveSheet
{
    public function __construct(private Hives $hives = new Hives)
    {
    }

    /**
     * @param  string  $json  a sheet
     * @return string {"boxes": [...]} from the floor up, or {"error": {"message", "pointer"}}
     */
    public function answer(string $json): string
    {
        try {
            $sheet = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
            $boxes = array_map(
                SheetVerdict::json(...),
                $this->judge(Fields::of($sheet)),
            );

            return json_encode(['boxes' => $boxes], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        } catch (InvalidInput $refusal) {
            $error = ['message' => $refusal->getMessage(), 'pointer' => $refusal->pointer];
        } catch (JsonException) {
            $error = ['message' => 'The sheet is not JSON.', 'pointer' => ''];
        }

        return (string) json_encode(['error' => $error]);
    }

    /**
     * @return list<JudgedBox> from the floor up
     *
     * @throws InvalidInput with a pointer into the sheet
     */
    public function judge(Fields $sheet): array
    {
        $eye = $sheet->has('eye')
            ? new EyeCorrection($sheet->part('eye')->number('offset'), $sheet->part('eye')->number('slope', 1.0))
            : null;
        $today = $sheet->text('today');
        $now = $sheet->number('now');
        $flowEnded = $sheet->has('flow_ended') ? $sheet->text('flow_ended') : null;
        $boxes = $sheet->each('boxes', static fn (Fields $one): KnownBox => SheetBox::of($one)->known(
            SheetLook::stored($one->part('look'))->with($one->part('taps'), $eye, $today, $now),
            $today,
            $flowEnded,
        ));

        return $this->hives->judge($boxes, new Circumstances(
            self::policy($sheet->part('policy')),
            NectarFlow::tryFrom($sheet->text('flow')) ?? NectarFlow::Unknown,
            $sheet->flag('excluder', true),
            $sheet->flag('dry_room'),
            $sheet->flag('can_rearrange', true),
            $sheet->part('policy')->flag('refractometer', true),
        ));
    }

    /** @throws InvalidInput */
    private static function policy(Fields $policy): RipenessPolicy
    {
        $school = RipenessSchool::tryFrom($policy->text('school'));
        if ($school === null) {
            $known = implode(', ', array_column(RipenessSchool::cases(), 'value'));
            throw InvalidInput::unknown('The school', $policy->text('school'), $known, '/policy/school');
        }

        return new RipenessPolicy(
            $school,
            $policy->number('capped_min', 0.75),
            $policy->number('water_max_pct', 18.0),
            $policy->number('confidence', 0.8),
            $policy->flag('heather'),
        );
    }
}
