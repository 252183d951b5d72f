<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness\RipenessSchool;

/** The options of a policy: the default of each, what a form may send, and where it may be overridden. */
enum PolicyOption: string
{
    case School = 'school';
    case Refractometer = 'refractometer';
    case CappedMin = 'capped_min';
    case WaterMaxPct = 'water_max_pct';
    case HeatherWaterMaxPct = 'heather_water_max_pct';
    case Confidence = 'confidence';
    case Unit = 'unit';
    case Clearing = 'clearing';
    case OffAfterFlowDays = 'off_after_flow_days';
    case FrameMarks = 'frame_marks';
    case WinterSchool = 'winter_school';
    case WinterBoxes = 'winter_boxes';
    /** Learnt from the keeper's weighings; no form sends it. */
    case WinterFactor = 'winter_factor';
    case SugarToStores = 'sugar_to_stores';
    case WinterConfidence = 'winter_confidence';
    case WinterFrom = 'winter_from';
    case FirstFlow = 'first_flow';
    case FillCapped = 'fill_capped';
    case FillOpen = 'fill_open';

    public function default(): float|int|string
    {
        return match ($this) {
            self::School => RipenessSchool::CappedAndRefractometer->value,
            self::Refractometer => 'yes',
            self::CappedMin => 0.75,
            self::WaterMaxPct => 18.0,
            self::HeatherWaterMaxPct => 21.0,
            self::Confidence => 0.8,
            self::Unit => 'supers',
            self::Clearing => 'choose',
            self::OffAfterFlowDays => 14,
            self::FrameMarks => 'none',
            self::WinterSchool => WinterSchool::Computed->value,
            self::WinterBoxes => 2,
            self::WinterFactor, self::SugarToStores => 1.0,
            self::WinterConfidence => 0.95,
            self::WinterFrom => '10-01',
            self::FirstFlow => '04-20',
            self::FillCapped => 0.7,
            self::FillOpen => 0.35,
        };
    }

    /** @return list<string|Enum|In> rules for what a form sends, shares in per cent; none where no form sends it */
    public function rules(): array
    {
        return match ($this) {
            self::School => [Rule::enum(RipenessSchool::class)],
            self::Refractometer => [Rule::in(['yes', 'no'])],
            self::CappedMin => ['numeric', 'between:0,100'],
            self::WaterMaxPct, self::HeatherWaterMaxPct => ['numeric', 'between:14,25'],
            self::Confidence => ['numeric', 'between:50,99'],
            self::Unit => [Rule::in(['supers', 'frames'])],
            self::Clearing => [Rule::in(['choose', ...array_column(Method::cases(), 'value')])],
            self::OffAfterFlowDays => ['integer', 'between:0,90'],
            self::FrameMarks => [Rule::in(['none', 'yard', 'hive'])],
            self::WinterSchool => [Rule::enum(WinterSchool::class)],
            self::WinterBoxes => ['integer', 'between:1,10'],
            self::WinterFactor => [],
            self::SugarToStores => ['numeric', 'between:10,150'],
            self::WinterConfidence => ['numeric', 'between:50,99.9'],
            self::WinterFrom, self::FirstFlow => ['date_format:m-d'],
            self::FillCapped => ['numeric', 'between:30,95'],
            self::FillOpen => ['numeric', 'between:5,90'],
        };
    }

    /** A share of 0 to 1 that a form shows as per cent. */
    public function isPercent(): bool
    {
        return in_array($this, [
            self::CappedMin,
            self::Confidence,
            self::SugarToStores,
            self::WinterConfidence,
            self::FillCapped,
            self::FillOpen,
        ], true);
    }

    /** A yard or a harvest may override it. */
    public function isOverridable(): bool
    {
        return ! in_array($this, [
            self::Refractometer,
            self::HeatherWaterMaxPct,
            self::Clearing,
            self::FrameMarks,
            self::WinterFactor,
            self::SugarToStores,
            self::WinterConfidence,
            self::FillCapped,
            self::FillOpen,
        ], true);
    }

    /** An option that a form of the whole operation leaves out stays as it is. */
    public function mayBeLeftOut(): bool
    {
        return in_array($this, [
            self::Refractometer,
            self::OffAfterFlowDays,
            self::FrameMarks,
            self::WinterSchool,
            self::WinterBoxes,
            self::WinterFactor,
            self::SugarToStores,
        ], true);
    }

    /** @return array<string, list<mixed>> what a form of the whole operation may send */
    public static function ofOperation(): array
    {
        $rules = [];
        foreach (self::cases() as $option) {
            if ($option->rules() !== []) {
                $rules[$option->value] = [$option->mayBeLeftOut() ? 'sometimes' : 'required', ...$option->rules()];
            }
        }

        return $rules;
    }

    /** @return array<string, list<mixed>> what one of a yard or a harvest may send: what is empty is as everywhere */
    public static function ofOverrides(): array
    {
        $rules = [];
        foreach (self::cases() as $option) {
            if ($option->isOverridable()) {
                $rules[$option->value] = ['nullable', ...$option->rules()];
            }
        }

        return $rules;
    }
}
