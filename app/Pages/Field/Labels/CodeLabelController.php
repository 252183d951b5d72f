<?php

declare(strict_types=1);

namespace App\Pages\Field\Labels;

use App\Apiary\Hives\YardReader;
use App\Foundation\Labels\LabelPaper;
use App\Foundation\Labels\LabelSheet;
use App\Foundation\Sheets\Pdf;
use App\Models\Apiary;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** Labels with a QR code for hives, boxes and buckets: a phone's camera opens the sheet of what they stick on. */
final readonly class CodeLabelController
{
    public function __construct(
        private LabelReader $labels,
        private QrCodes $codes,
        private YardReader $yards,
        private Pdf $pdf,
    ) {
    }

    public function index(): View
    {
        return $this->page(false);
    }

    public function sheet(Request $request): Response|View
    {
        $values = $request->validate([
            'kind' => ['nullable', Rule::enum(LabelKind::class)],
            'paper' => ['nullable', Rule::enum(LabelPaper::class)],
            'yard' => ['nullable', 'string', 'max:80'],
        ]);
        $yard = ($values['yard'] ?? '') === '' ? null : Apiary::query()->where('slug', $values['yard'])->firstOrFail();
        $labels = $this->labels->of(LabelKind::from($values['kind'] ?? LabelKind::Hive->value), $yard);
        if ($labels === []) {
            return $this->page(true);
        }
        $paper = LabelPaper::from($values['paper'] ?? LabelPaper::A4x24->value);

        return $this->pdf->answer(view('field.labels-paper', [
            'sheet' => new LabelSheet($paper, (int) ceil(count($labels) / $paper->count())),
            'pages' => array_chunk($this->printed($labels), max(1, $paper->count())),
        ]), $paper->size(), 'labels.pdf');
    }

    /** @param  bool  $isNothing  there is nothing yet to make a label for */
    private function page(bool $isNothing): View
    {
        $kinds = [];
        foreach (LabelKind::cases() as $kind) {
            $kinds[$kind->value] = $kind->words();
        }

        return view('field.labels', [
            'kinds' => $kinds,
            'yards' => ['' => __('all yards')] + $this->yards->apiaries()->pluck('name', 'slug')->all(),
            'papers' => LabelPaper::names(),
            'isNothing' => $isNothing,
        ]);
    }

    public function one(string $kind, string $id): Response
    {
        $label = $this->labels->one(LabelKind::tryFrom($kind) ?? abort(404), $id);

        return new Response($this->codes->of([$label->text])[0], 200, ['Content-Type' => 'image/svg+xml']);
    }

    /**
     * @param  list<Label>  $labels
     * @return list<PrintedLabel>
     */
    private function printed(array $labels): array
    {
        $codes = $this->codes->of(array_map(static fn (Label $one): string => $one->text, $labels));

        return array_map(
            static fn (Label $label, string $svg): PrintedLabel => new PrintedLabel(
                $label,
                'data:image/svg+xml;base64,'.base64_encode($svg),
            ),
            $labels,
            $codes,
        );
    }
}
