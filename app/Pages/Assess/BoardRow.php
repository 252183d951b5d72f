<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\FoundSuper;
use App\Foundation\Units\Formatter;
use Marjoram\Core\Ripeness\Verdict;

/** A super in the lists of a yard. Plain values: it is kept. */
final readonly class BoardRow
{
    /**
     * @param  ?bool  $decided  by a person: whether it comes off
     * @param  ?int  $slot  of the frame to look at next
     * @param  ?float  $capped  share of the honey, 0 to 1
     * @param  int  $seen  frames
     */
    private function __construct(
        public string $code,
        public string $box,
        public string $name,
        public Verdict $verdict,
        public ?bool $decided,
        public ?int $slot,
        public ?float $capped,
        public float $kg,
        public float $sdKg,
        public float $kgInDoubt,
        public float $waterPct,
        public bool $waterMeasured,
        public int $seen,
        public int $frames,
    ) {
    }

    public static function of(FoundSuper $one): self
    {
        $box = $one->box;

        return new self(
            $one->hive->code,
            $box->id,
            $box->name(),
            $box->standing(),
            $box->decision?->comesOff,
            $box->nextSlot(),
            $box->ripeness->box->cappedShare,
            $box->honey->honeyKg,
            $box->honey->sdKg,
            $box->kgInDoubt(),
            $box->ripeness->water->meanPct,
            $box->ripeness->water->measured,
            $box->seen(),
            $box->fitted->framesFitted,
        );
    }

    public function isDoubtful(): bool
    {
        return $this->verdict === Verdict::Look;
    }

    public function kg(Formatter $format): string
    {
        $kg = $format->kg($this->kg);

        return $this->isDoubtful()
            ? '~'.$format->kg($this->kgInDoubt).' '.__('of')." $kg"
            : "~$kg";
    }
}
