<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Apiary\Hives\Mass;
use Marjoram\Core\Ripeness\Verdict;

/** A super in a few figures, as far as whoever looks at whole yards needs to know it. */
final readonly class SuperDigest
{
    /**
     * @param  Verdict  $verdict  that stands: decided by a person, or calculated
     * @param  bool  $decided  by a person
     * @param  bool  $comesOff  ripe or decided, whether or not winter needs it
     * @param  bool  $stays  for winter
     * @param  bool  $spareWhenRipe  it is to wait, and winter will then not need it
     * @param  float  $fillSdKg  the error that is common to all boxes
     * @param  float  $ownSdKg  its own
     * @param  int  $ripeFrames  frames of it that are ripe by themselves
     * @param  string  $ripeOn  about when it is ripe (Y-m-d), by the pace of its looks
     */
    public function __construct(
        public string $id,
        public string $name,
        public Verdict $verdict,
        public bool $decided,
        public bool $comesOff,
        public bool $stays,
        public bool $spareWhenRipe,
        public float $kg,
        public float $fillSdKg,
        public float $ownSdKg,
        public float $grossKg,
        public float $kgInDoubt,
        public ?int $nextSlot,
        public bool $hasBrood,
        public string $ripeOn,
        public int $ripeFrames = 0,
    ) {
    }

    /**
     * The fill's error is common to all, their own ones are not.
     *
     * @param  list<self>  $supers
     */
    public static function sum(array $supers): Mass
    {
        $kg = $fill = $own = 0.0;
        foreach ($supers as $super) {
            $kg += $super->kg;
            $fill += $super->fillSdKg;
            $own += $super->ownSdKg ** 2;
        }

        return new Mass($kg, sqrt($fill ** 2 + $own));
    }

    public function isToLookAt(): bool
    {
        return $this->verdict === Verdict::Look;
    }

    /** Ripe, and winter does not need it. */
    public function mayComeIn(): bool
    {
        return $this->comesOff && ! $this->stays;
    }
}
