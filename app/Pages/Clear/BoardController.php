<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Harvest\FrozenVerdict;
use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\FrozenClearing;
use App\Models\Hive;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Clearing\BoardFigures;
use Marjoram\Core\Clearing\Method;

/** A board that was put on in the yard, though nobody had planned it: from then on a clearing like any other. */
final readonly class BoardController
{
    /** After which supers are fetched, where nothing else is said (common practice). */
    private const NIGHTS = 2;

    public function __construct(
        private YardReader $yards,
        private CurrentOperation $current,
        private FrozenVerdict $frozen,
    ) {
    }

    public function store(BoardRequest $request, Hive $hive): RedirectResponse
    {
        $apiary = $hive->load('stand.apiary')->stand->apiary;
        // Two people who put boards on at once share one clearing.
        Apiary::query()->whereKey($apiary->id)->lockForUpdate()->value('id');
        $state = $this->yards->asStored($apiary, [$hive->id])[$hive->id] ?? null;
        abort_if($state === null, 404);
        $supers = $request->supers($state);
        self::mustBeFree($supers);
        $clearing = $this->ofToday($apiary) ?? $this->begin($apiary);
        foreach ($supers as $box) {
            $clearing->items()->create([
                'hive_id' => $hive->id,
                'box_id' => $box->id,
                'placed_at' => $this->current->utc(),
            ]);
        }
        // Their verdicts as they were when the board went on.
        $verdicts = $this->frozen->all($supers, Policy::at($this->current, $apiary));
        $clearing->load('items')->update([
            'state' => $clearing->stateByBoards(),
            'person_minutes' => $clearing->person_minutes + (new BoardFigures)->handlingMin(1, count($supers)),
            'frozen' => $clearing->frozen->with($verdicts),
        ]);

        return Saved::at(route('clear.plan', $clearing->id), __('The board on hive :hive is saved: its supers come in :day.', [
            'hive' => $hive->code,
            'day' => $clearing->inOn()->format('Y-m-d'),
        ]));
    }

    /**
     * @param  list<BoxState>  $supers
     *
     * @throws ValidationException where one of them is on a clearing
     */
    private static function mustBeFree(array $supers): void
    {
        $isPlanned = ClearingSuper::query()
            ->whereIn('box_id', array_column($supers, 'id'))
            ->whereIn('clearing_id', Clearing::open()->select('id'))
            ->lockForUpdate()
            ->exists();
        if ($isPlanned) {
            throw ValidationException::withMessages([
                'under' => __('These supers are in a clearing already. Tick its board there.'),
            ]);
        }
    }

    private function ofToday(Apiary $apiary): ?Clearing
    {
        return Clearing::open()
            ->where('apiary_id', $apiary->id)
            ->where('method', Method::EscapeBoard->value)
            ->whereDate('first_on', $this->current->day())
            ->lockForUpdate()
            ->first();
    }

    private function begin(Apiary $apiary): Clearing
    {
        $today = $this->current->today();

        return Clearing::query()->create([
            'apiary_id' => $apiary->id,
            'method' => Method::EscapeBoard,
            'first_on' => $today->format('Y-m-d'),
            'second_on' => $today->modify('+'.self::NIGHTS.' days')->format('Y-m-d'),
            'person_minutes' => 0.0,
            'frozen' => new FrozenClearing(__('Put on in the yard, without a clearing.')),
        ]);
    }
}
