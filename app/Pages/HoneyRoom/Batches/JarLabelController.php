<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Batches;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Labels\LabelPaper;
use App\Foundation\Labels\LabelSheet;
use App\Foundation\Sheets\Pdf;
use App\Models\Batch;
use App\Models\JarFill;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** What is printed of a batch: labels for its jars, and the page for an inspector. */
final readonly class JarLabelController
{
    /** A sheet is printed over and over; more pages at once help nobody. */
    private const MOST_PAGES = 20;

    public function __construct(private Pdf $pdf, private CurrentOperation $current)
    {
    }

    public function labels(Request $request, JarFill $fill): Response
    {
        $values = $request->validate([
            'paper' => ['required', Rule::enum(LabelPaper::class)],
            'law' => ['required', Rule::enum(LabelLaw::class)],
            'origin' => ['nullable', 'string', 'max:60'],
            'name' => ['nullable', 'string', 'max:60'],
        ]);
        $fill->load(['batch', 'kind']);
        $paper = LabelPaper::from($request->string('paper')->toString());
        $net = LabelLaw::from($request->string('law')->toString())->net($fill->kind->net_g);
        $pages = (int) min(self::MOST_PAGES, max(1, ceil($fill->count / $paper->count())));

        return $this->pdf->answer(view('honey-room.labels', [
            'sheet' => new LabelSheet($paper, $pages),
            'fill' => $fill,
            'net' => $net,
            'name' => $values['name'] ?? __('Honey'),
            'origin' => $values['origin'] ?? '',
            'operation' => $this->current->get()->name,
        ]), $paper->size(), "labels-{$fill->batch->code}.pdf");
    }

    public function trace(Batch $batch, TraceReader $trace): Response
    {
        $batch->load(['pours.bucket.lot', 'fills.kind', 'fills.moves']);

        return $this->pdf->answer(view('honey-room.trace-paper', [
            'trace' => $trace->of(new BatchState($batch)),
            'operation' => $this->current->get()->name,
            'zone' => $this->current->get()->time_zone,
        ]), 'a4', "trace-$batch->code.pdf");
    }
}
