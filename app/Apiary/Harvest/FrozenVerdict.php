<?php

declare(strict_types=1);

namespace App\Apiary\Harvest;

use App\Apiary\Hives\BoxState;
use App\Apiary\Inspections\CombNote;
use App\Apiary\Operation\Policy;
use App\Drawing\DrawnSlot;
use App\Models\TakenVerdict;
use App\Words\Wording;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Ripeness\SlotHoney;

/** Freezes a verdict when a person acts on it, and what goes along with the honey when it is taken. */
final readonly class FrozenVerdict
{
    public function __construct(private Wording $wording)
    {
    }

    /**
     * @param  list<BoxState>  $boxes
     * @return array<string, TakenVerdict> by the id of the box
     */
    public function all(array $boxes, Policy $policy): array
    {
        return array_combine(
            array_column($boxes, 'id'),
            array_map(fn (BoxState $box): TakenVerdict => $this->of($box, $policy), $boxes),
        );
    }

    public function of(BoxState $box, Policy $policy): TakenVerdict
    {
        return new TakenVerdict(new Fields($this->figures($box, $policy)));
    }

    /** With how its honey lies on its frames, for the extractor and the warm room. */
    public function super(BoxState $box, Policy $policy): TakenVerdict
    {
        $faces = [];
        $capped = $honey = 0.0;
        $held = SlotHoney::all(array_values($box->look->frames), $box->ripeness->box);
        foreach ($box->slots() as $i => $slot) {
            if (! $slot->gap) {
                $frame = $held[$i + 1]->frame ?? $slot;
                $faces[$i + 1] = self::faces($frame);
                $capped += $frame->a->capped + $frame->b->capped;
                $honey += array_sum($faces[$i + 1]);
            }
        }

        return new TakenVerdict(new Fields([
            'faces' => $faces,
            'capped_share' => round($honey > 0.0 ? $capped / $honey : 1.0, 3),
        ] + $this->figures($box, $policy)));
    }

    /** Of one frame, with its comb. */
    public function frame(BoxState $box, SlotHoney $held, ?CombNote $comb, Policy $policy): TakenVerdict
    {
        return new TakenVerdict(new Fields([
            'faces' => [$held->slot => self::faces($held->frame)],
            'capped_share' => round($held->frame->cappedShareOfHoney() ?? 1.0, 3),
            'honey_kg' => round($held->honey->kg, 3),
            'sd_kg' => round($held->honey->sdKg(), 3),
            'frames_seen' => $held->seen ? 1 : 0,
            'comb' => $comb === null ? null : ['comb' => $comb->comb, 'year' => $comb->year],
        ] + $this->figures($box, $policy)));
    }

    /** @return array<string, mixed> */
    private function figures(BoxState $box, Policy $policy): array
    {
        $capped = $box->ripeness->box->cappedShare;

        return [
            'verdict' => $box->verdict()->value,
            'p_policy_met' => round($box->ripeness->pPolicyMet, 4),
            'capped_share' => $capped === null ? null : round($capped, 4),
            'water_pct' => round($box->ripeness->water->meanPct, 2),
            'water_measured' => $box->ripeness->water->measured,
            'honey_kg' => round($box->honey->kg, 3),
            'sd_kg' => round($box->honey->sdKg(), 3),
            'fill_factor' => $policy->fill->factorOf($box->fitted->kind->key)->factor,
            'fill_capped' => $policy->fill->capped,
            'frames_seen' => $box->seen(),
            'look' => $box->look->id,
            'reasons' => $this->wording->statements($box->ripeness->reasons),
            'policy' => $policy->stamp(),
        ];
    }

    /** @return array{float, float} shares of both faces with honey */
    private static function faces(DrawnSlot|Frame $frame): array
    {
        return [round($frame->a->capped + $frame->a->open, 3), round($frame->b->capped + $frame->b->open, 3)];
    }
}
