<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Harvest\FrozenVerdict;
use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Apiary;
use App\Models\Decision;
use Illuminate\Support\Facades\Auth;

/** A person decides over the verdict; the verdict is frozen beside the decision with its reasons and policy. */
final readonly class KeepDecision
{
    public function __construct(
        private YardReader $yards,
        private CurrentOperation $current,
        private FrozenVerdict $frozen,
    ) {
    }

    /** Of a super as it is judged now. */
    public function of(Apiary $apiary, string $hive, string $box, string $choice, string $note): void
    {
        $state = $this->yards->hive($apiary, $hive)?->box($box) ?? abort(404);
        $this->keep($state, $choice, $note, Policy::at($this->current, $apiary));
    }

    public function keep(BoxState $box, string $choice, string $note, Policy $policy): void
    {
        Decision::query()->create([
            'box_id' => $box->id,
            'hive_id' => $box->hiveId,
            'stage' => 'assess',
            'user_id' => Auth::id(),
            'choice' => $choice,
            'note' => $note,
            'frozen' => $this->frozen->of($box, $policy)->toArray(),
            'decided_at' => $this->current->utc(),
        ]);
    }
}
