<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use DateTimeImmutable;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Hives\KnownBox;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Json\Values;

/** A box as a phone carries it: its measures, how comb becomes honey in it, and since when it filled. */
final readonly class SheetBox
{
    /**
     * @param  ?string  $emptySince  the day on which it was put on without honey; null where that is not known
     * @param  int  $gaps  slots without a frame
     * @param  bool  $ofLastSeason  nobody has inspected it since the season ended
     */
    private function __construct(
        private string $id,
        private bool $isSuper,
        private FittedBox $fitted,
        private CombAssumptions $comb,
        private ?string $emptySince,
        private int $gaps,
        private bool $ofLastSeason,
    ) {
    }

    /** @throws InvalidInput */
    public static function of(Fields $box): self
    {
        $comb = $box->part('comb');

        return new self(
            $box->text('id'),
            $box->flag('super'),
            new FittedBox(
                $box->one('kind', Values::kind(...)),
                $box->optionalWhole('frames_fitted'),
                $box->optionalWhole('drawn_at'),
            ),
            new CombAssumptions(
                fillCapped: $comb->number('fill_capped', 0.7),
                fillOpen: $comb->number('fill_open', 0.35),
                boxRelativeSd: $comb->number('box_relative_sd', 0.12),
            ),
            $box->has('empty_since') ? $box->text('empty_since') : null,
            $box->whole('gaps'),
            $box->flag('last_season'),
        );
    }

    /**
     * @param  string  $today  YYYY-MM-DD
     * @param  ?string  $flowEnded  first day without nectar, YYYY-MM-DD; null while the flow is not known to be over
     */
    public function known(SheetLook $look, string $today, ?string $flowEnded): KnownBox
    {
        $until = $look->on ?? $today;

        return new KnownBox(
            $this->id,
            $this->isSuper,
            $this->fitted,
            $this->comb,
            $look->frames,
            $look->shake,
            $look->readings,
            $this->gaps,
            $look->daysSinceLast,
            $look->lastCappedShare,
            $this->daysSinceEmpty($until),
            $flowEnded === null ? null : $this->daysSinceEmpty(min($until, $flowEnded)),
            $this->ofLastSeason && $look->isNothing(),
        );
    }

    /** Days from then up to a day, YYYY-MM-DD. */
    private function daysSinceEmpty(string $until): ?float
    {
        if ($this->emptySince === null) {
            return null;
        }
        $days = (new DateTimeImmutable($this->emptySince))->diff(new DateTimeImmutable($until))->format('%r%a');

        return max(0.0, (float) $days);
    }
}
