<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Hives\BoxState;
use App\Models\Box;
use App\Models\Hive;
use Marjoram\Core\Comb\BoxKind;

/** The box that was chosen in the drawing or from store, to be put somewhere. */
final readonly class BoxInHand
{
    /**
     * @param  ?BoxState  $state  null where it is in store
     * @param  list<string>  $hives  codes of all hives
     */
    public function __construct(
        public Box $box,
        public BoxKind $kind,
        public ?Hive $hive,
        public ?BoxState $state,
        private array $hives,
    ) {
    }

    /** @return array<string, string> by code */
    public function hiveChoices(): array
    {
        return array_combine($this->hives, $this->hives);
    }

    /** As many frames as it has, where they are fewer than its kind has room for. */
    public function fewerFrames(): ?int
    {
        $fitted = $this->box->frames_fitted ?? $this->kind->frames;

        return $fitted < $this->kind->frames ? $fitted : null;
    }
}
