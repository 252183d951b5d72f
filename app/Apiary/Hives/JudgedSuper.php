<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Ripeness\Verdict;

/** A super in the few figures that lists and sums need; cached, hundreds at once. */
final readonly class JudgedSuper
{
    public string $id;

    /** Code of its hive. */
    public string $hive;

    public string $hiveId;

    public string $name;

    /** The verdict in force: decided by a person, or calculated. */
    public Verdict $verdict;

    /** Decided by a person: whether it comes off; null where nobody did. */
    public ?bool $decided;

    /** Ripe or decided, whether or not winter needs it. */
    public bool $comesOff;

    public Kilograms $honey;

    public float $grossKg;

    public float $kgInDoubt;

    /** Share of its honey, 0 to 1. */
    public ?float $cappedShare;

    public float $waterPct;

    public bool $waterMeasured;

    /** The frame to look at next. */
    public ?int $nextSlot;

    /** Put on empty a few days ago and not inspected since. */
    public bool $isFresh;

    public bool $hasBrood;

    /** Frames that were pulled. */
    public int $seen;

    public int $frames;

    /** Frames that are ripe by themselves. */
    public int $ripeFrames;

    /** About when it is ripe (Y-m-d), from its newest look on by the pace of its looks; null where nobody looked. */
    public ?string $ripeOn;

    /**
     * @param  bool  $stays  for winter
     * @param  bool  $spareWhenRipe  it is to wait, and winter will then not need it
     */
    public function __construct(BoxState $box, public bool $stays = false, public bool $spareWhenRipe = false)
    {
        $this->id = $box->id;
        $this->hive = $box->hive;
        $this->hiveId = $box->hiveId;
        $this->name = $box->name();
        $this->verdict = $box->standing();
        $this->decided = $box->decision?->comesOff;
        $this->comesOff = $box->comesOff();
        $this->honey = $box->honey;
        $this->grossKg = $box->grossKg;
        $this->kgInDoubt = $box->kgInDoubt();
        $this->cappedShare = $box->ripeness->box->cappedShare;
        $this->waterPct = $box->ripeness->water->meanPct;
        $this->waterMeasured = $box->ripeness->water->measured;
        $this->nextSlot = $box->nextSlot();
        $this->isFresh = $box->isFresh();
        $this->hasBrood = $box->hasBrood();
        $this->seen = $box->seen();
        $this->frames = $box->fitted->framesFitted;
        $this->ripeFrames = count(array_filter($box->ripeness->ripe));
        $this->ripeOn = $box->look->at?->modify('+'.($box->ripeness->waitDays ?? 0).' days')->format('Y-m-d');
    }

    /** @param  array<self>  $supers */
    public static function sum(array $supers): Kilograms
    {
        return Kilograms::sum(array_map(static fn (self $one): Kilograms => $one->honey, $supers));
    }

    public function isToLookAt(): bool
    {
        return $this->verdict->asksToLook();
    }

    /** Ripe, and winter does not need it. */
    public function mayComeIn(): bool
    {
        return $this->comesOff && ! $this->stays;
    }
}
