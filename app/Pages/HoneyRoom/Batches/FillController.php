<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\Batch;
use App\Models\JarFill;
use App\Models\JarKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Jars are filled from a batch, and leave the shelf. */
final readonly class FillController
{
    /** Jars of one filling may hold so much more than their batch was weighed: a share. */
    private const MORE = 0.02;

    public function __construct(private CurrentOperation $current, private Formatter $format)
    {
    }

    public function store(FillRequest $request, Batch $batch): RedirectResponse
    {
        $batch->claim(null)->load(['pours.bucket', 'fills.kind']);
        $kind = JarKind::query()->whereKey($request->text('kind'))->lockForUpdate()->first()
            ?? throw ValidationException::withMessages(['kind' => __('This kind of jar does not exist. Choose another.')]);
        $state = new BatchState($batch);
        $count = $request->integer('count');
        $kg = $count * $kind->net_g / 1000.0;
        if ($kg > $state->leftKg() + self::MORE * $state->kg) {
            throw ValidationException::withMessages(['count' => __(':count jars hold :kg, but only :left are left in :code.', [
                'count' => $count,
                'kg' => $this->format->kg($kg, 2),
                'left' => $this->format->kg($state->leftKg(), 2),
                'code' => $batch->code,
            ])]);
        }
        $weights = $request->weights();
        $batch->fills()->create([
            'jar_kind_id' => $kind->id,
            'count' => $count,
            'filled_on' => $this->current->day(),
            'best_before' => $request->bestBefore($this->current->day()),
            'weights' => $weights === [] ? null : $weights,
        ]);
        // More may stand there than anyone counted; then none are left.
        $kind->update([
            'stock' => max(0, $kind->stock - $count),
            'ordered' => max(0, $kind->ordered - $count),
        ]);

        return Saved::at(
            route('honey-room.batch', $batch->id),
            trans_choice('{1} :count jar is on the shelf.|[2,*] :count jars are on the shelf.', $count),
        );
    }

    /** Out of the shelf, and to whom, where that is noted: a recall asks for it. */
    public function move(MoveJarsRequest $request, JarFill $fill): RedirectResponse
    {
        $fill->claim(null)->load('moves');
        if ($request->integer('count') > $fill->onShelf()) {
            throw ValidationException::withMessages([
                'count' => __('Only :n of them are on the shelf.', ['n' => $fill->onShelf()]),
            ]);
        }
        $fill->moves()->create([
            'count' => $request->integer('count'),
            'whom' => $request->string('whom')->toString(),
            'moved_on' => $request->day($this->current->day()),
        ]);

        return Saved::at(route('honey-room.batch', $fill->batch_id), __('Saved.'));
    }
}
