<?php

declare(strict_types=1);

namespace App\Pages\Field\Paper;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardReader;
use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Sheets\Pdf;
use App\Foundation\Units\Formatter;
use App\Models\Apiary;
use App\Words\Wording;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The field sheet on paper, and the same in words to be read or heard. */
final readonly class PaperController
{
    private const WIDTH = 540.0;

    private const HEIGHT = 70.0;

    private const LEFT = 12.0;

    public function __construct(
        private YardReader $yards,
        private Wording $wording,
        private Formatter $format,
        private Pdf $pdf,
    ) {
    }

    public function show(Request $request, Apiary $apiary): Response
    {
        $size = $request->query('paper') === 'letter' ? 'letter' : 'a4';
        $hives = [];
        foreach ($this->yards->one($apiary)->hives as $code => $hive) {
            $row = fn (BoxState $box): PaperRow => $this->row($hive, $box);
            $hives[(string) $code] = array_map($row, array_reverse($hive->supers()));
        }

        return $this->pdf->answer(
            view('field.paper', ['apiary' => $apiary, 'hives' => $hives]),
            $size,
            "field-$apiary->slug.pdf",
        );
    }

    public function readOut(Apiary $apiary): View
    {
        $yard = $this->yards->one($apiary);
        $worth = $yard->worthALook();

        return view('field.read-out', [
            'apiary' => $apiary,
            'first' => $worth === [] ? null : $worth[0],
            'hives' => array_map($this->said(...), $yard->hives),
        ]);
    }

    /** @return list<string> */
    private function said(HiveState $hive): array
    {
        return array_map(
            fn (BoxState $box): string => __(':box: :what, about :kg.', [
                'box' => ucfirst($box->name()),
                'what' => $this->last($box),
                'kg' => $this->format->kg($box->honey->kg, 0),
            ]),
            array_reverse($hive->supers()),
        );
    }

    private function row(HiveState $hive, BoxState $box): PaperRow
    {
        $svg = Pdf::printed(view('field.paper-picture', ['picture' => $this->frames($box)]));

        return new PaperRow(
            $box->name(),
            "$hive->code $box->number:",
            $this->last($box),
            'data:image/svg+xml;base64,'.base64_encode($svg),
        );
    }

    private function last(BoxState $box): string
    {
        $slot = $box->nextSlot();
        $verdict = mb_strtolower($this->wording->verdict($box->standing()));

        return $box->isToLookAt() && $slot !== null
            ? __(':verdict, frame :n first', ['verdict' => $verdict, 'n' => $slot])
            : $verdict;
    }

    /** Each frame as its two faces, side by side, with a scale of tenths. */
    private function frames(BoxState $box): Picture
    {
        $canvas = new Canvas;
        $pitch = (self::WIDTH - self::LEFT) / $box->fitted->framesFitted;
        $depth = self::HEIGHT - 20.0;
        foreach (range(0, 10, 5) as $tenth) {
            $canvas->text('sc', 0.0, 9.0 + ($tenth / 10.0) * $depth, (string) $tenth);
        }
        for ($slot = 1; $slot <= $box->fitted->framesFitted; $slot++) {
            $left = self::LEFT + ($slot - 1) * $pitch;
            $half = 0.5 * ($pitch - 8.0);
            $canvas->rect('tbar', $left, 4.0, 2.0 * $half + 4.0, 2.0)
                ->rect('face', $left + 2.0, 6.0, $half, $depth)
                ->rect('face', $left + 2.0 + $half, 6.0, $half, $depth);
            for ($tenth = 1; $tenth < 10; $tenth++) {
                $y = 6.0 + 0.1 * $tenth * $depth;
                $canvas->line('tick', $left + 2.0, $y, $left + ($tenth === 5 ? 8.0 : 5.0), $y);
            }
            $canvas->text('n', $left + 2.0 + $half, self::HEIGHT - 1.0, (string) $slot, 'middle');
        }

        return new Picture(self::WIDTH, self::HEIGHT, $canvas->shapes(), $box->name());
    }
}
