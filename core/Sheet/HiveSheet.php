<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use JsonException;
use Marjoram\Core\Calibration\EyeCorrection;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Ripeness\BoxHoney;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Super;

/**
 * A hive's boxes judged from the sheet that a phone carries into the yard. Entry point of the module.
 *
 * The sheet is one JSON object: `now` (seconds since 1970), `today` (YYYY-MM-DD), `policy` (school, capped_min,
 * water_max_pct, confidence, heather), `can_rearrange`, `dry_room`, `flow` (on, slow, over, unknown), `eye` (offset,
 * slope; may be null), `excluder`, and `boxes` from the floor up. A box has `id`, `super`, `kind` (frames,
 * comb_area_dm2, inside_width_mm, empty_mass_kg), `frames_fitted`, `drawn_at`, `comb` (fill_capped, fill_open,
 * box_relative_sd), `empty_since`, `gaps` (a count), `look` (on, at, frames, shake, readings, days_since_last,
 * last_capped_share: as stored, frames corrected by the eye that saw them) and `taps` (frames as painted, shake,
 * readings, and moved with the slots that a frame left or came into: only what was tapped since). It is what the
 * server judges by, in another coat.
 */
final readonly class HiveSheet
{
    private Ripeness $ripeness;

    public function __construct()
    {
        $this->ripeness = new Ripeness;
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
                static fn (SheetVerdict $one): array => $one->toJson(),
                $this->judge(Fields::of($sheet)),
            );

            return json_encode(['boxes' => $boxes], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        } catch (InvalidInput $refusal) {
            $error = ['message' => $refusal->getMessage(), 'pointer' => $refusal->pointer];
        } catch (JsonException) {
            $error = ['message' => 'The sheet is no JSON.', 'pointer' => ''];
        }

        return (string) json_encode(['error' => $error]);
    }

    /**
     * @return list<SheetVerdict> from the floor up
     *
     * @throws InvalidInput with a pointer into the sheet
     */
    public function judge(Fields $sheet): array
    {
        $policy = self::policy($sheet->part('policy'));
        $eye = $sheet->has('eye')
            ? new EyeCorrection($sheet->part('eye')->number('offset'), $sheet->part('eye')->number('slope', 1.0))
            : null;
        $boxes = $sheet->each('boxes', static fn (Fields $one): array => [
            SheetBox::of($one),
            SheetLook::stored($one->part('look'))->with(
                $one->part('taps'),
                $eye,
                $sheet->text('today'),
                $sheet->number('now'),
            ),
        ]);
        $judged = [];
        $underCapped = false;
        // From the top down: what is found above bears on what is presumed below.
        foreach (array_reverse($boxes) as [$box, $look]) {
            $verdict = $this->box($sheet, $box, $look, $policy, $underCapped && $box->isSuper);
            $underCapped = $underCapped ||
                ($box->isSuper && $this->ripeness->countsAsCapped($verdict->ripeness->box));
            array_unshift($judged, $verdict);
        }

        return $judged;
    }

    private function box(
        Fields $sheet,
        SheetBox $box,
        SheetLook $look,
        RipenessPolicy $policy,
        bool $underCapped,
    ): SheetVerdict {
        $super = new Super(
            $box->fitted,
            $look->frames,
            $look->shake,
            $look->readings,
            $sheet->flag('excluder', true),
            NectarFlow::tryFrom($sheet->text('flow')) ?? NectarFlow::Unknown,
            $sheet->flag('dry_room'),
            $sheet->flag('can_rearrange', true),
            $look->lastCappedShare === null ? null : $look->daysSinceLast,
            $look->lastCappedShare,
            $underCapped,
            $box->daysSinceEmpty($look->on ?? $sheet->text('today')),
        );
        $result = $this->ripeness->judge($super, $policy);

        return new SheetVerdict(
            $box->id,
            $result,
            BoxHoney::of($box->fitted, $super->frames, $result->box, $box->comb, $box->gaps),
        );
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
