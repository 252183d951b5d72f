<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Drawing\DrawnBox;
use App\Drawing\DrawnHive;
use App\Drawing\Elevation;
use App\Drawing\ElevationPicture;
use App\Foundation\Units\Formatter;
use App\Words\Wording;
use Closure;
use Marjoram\Core\Ripeness\Verdict;

/** Puts a yard's state into the section drawing; each stage says where its links lead and what stands under a hive. */
final readonly class YardPicture
{
    public function __construct(private Formatter $format, private Wording $wording)
    {
    }

    /** @param  Closure(HiveState): HiveDrawing  $drawing  where a hive's links lead, and what is drawn of it */
    public function of(
        YardState $yard,
        string $label,
        Closure $drawing,
        Elevation $elevation = new Elevation,
    ): ElevationPicture {
        $hives = [];
        foreach ($yard->hives as $hive) {
            $hives[] = $this->hive($hive, $drawing($hive));
        }

        return $elevation->of($hives, $label);
    }

    private function hive(HiveState $hive, HiveDrawing $how): DrawnHive
    {
        $box = fn (BoxState $box): DrawnBox => $this->box(
            $hive,
            $box,
            $how->boxLink === null ? null : ($how->boxLink)($box),
        );

        return new DrawnHive(
            $hive->code,
            array_map($box, $how->boxes ?? $hive->boxes),
            $hive->excluder,
            $how->link,
            $how->under,
            $how->reserveAfter,
            $hive->mark?->value,
            $hive->mark === null ? '' : $hive->mark->words(),
        );
    }

    public function box(HiveState $hive, BoxState $box, ?string $href): DrawnBox
    {
        $kind = $box->fitted->kind;

        return new DrawnBox(
            $box->id,
            $kind->externalHeightMm ?: 168.0,
            $kind->externalWidthMm ?: Elevation::LEAST_MM,
            $kind->insideWidthMm,
            $box->slots(),
            ! $box->isSuper(),
            $box->isSuper() ? $this->wording->mark($box->standing()) : null,
            $this->words($hive, $box),
            $href,
        );
    }

    /**
     * How many supers of a hive have which verdict, in few words for under its drawing.
     *
     * @return list<string> "take 2", "look 1"
     */
    public function verdicts(HiveState $hive, int $most = 3): array
    {
        $words = [];
        $order = [
            Verdict::Take,
            Verdict::TakeAndDry,
            Verdict::Look,
            Verdict::ReadWater,
            Verdict::Wait,
            Verdict::Rearrange,
            Verdict::Leave,
        ];
        foreach ($order as $verdict) {
            $n = $hive->count($verdict);
            if ($n > 0) {
                // Under a hive there is little room.
                $name = $verdict === Verdict::ReadWater ? __('read') : $this->wording->verdict($verdict);
                $words[] = mb_strtolower($name).' '.$n;
            }
        }

        return $words === [] ? [__('no super')] : array_slice($words, 0, $most);
    }

    private function words(HiveState $hive, BoxState $box): string
    {
        $names = ['hive' => $hive->code, 'box' => $box->name()];
        if (! $box->isSuper()) {
            return __(':hive, :box', $names);
        }

        if ($box->isFresh()) {
            return __(':hive, :box: put on empty, not inspected', $names);
        }

        return __(':hive, :box: :verdict; ~:kg honey, :seen of :all frames inspected', $names + [
            'verdict' => $this->wording->verdict($box->standing()),
            'kg' => $this->format->kg($box->honey->kg),
            'seen' => $box->seen(),
            'all' => $box->framesIn(),
        ]);
    }
}
