<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\LoadingTick;
use App\Support\Http\Saved;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The sheet for one day on the road, on the phone and on paper. */
final readonly class DayController
{
    public function __construct(private DaySheet $sheet)
    {
    }

    public function show(string $day): View
    {
        $sheet = $this->read($day);

        return view(
            'clear.day',
            $sheet + ['ticked' => LoadingTick::query()->where('day', $day)->pluck('thing')->all()],
        );
    }

    /** The same on one or two sheets of A4 or Letter. */
    public function pdf(Request $request, string $day): Response
    {
        $sheet = $this->read($day);
        $html = view('clear.day-pdf', $sheet)->render();
        $style =
            '<style>body{font-family:DejaVu Sans;font-size:10pt}h1{font-size:16pt;margin:0 0 6pt}h2{font-size:12pt;margin:10pt 0 3pt;border-top:.5pt solid #000;padding-top:4pt}td{padding:1pt 6pt 1pt 0;vertical-align:top}.n{text-align:right}p{margin:2pt 0}.caution{border-left:2pt solid #000;padding-left:6pt;margin-top:10pt}</style>';
        $folder = storage_path('framework/cache');
        $pdf = new Dompdf(
            new Options([
                'isRemoteEnabled' => false,
                'isPhpEnabled' => false,
                'defaultFont' => 'DejaVu Sans',
                'fontCache' => $folder,
                'tempDir' => $folder,
            ]),
        );
        $pdf->setPaper($request->query('paper') === 'letter' ? 'letter' : 'a4');
        $pdf->loadHtml(str_replace('</head>', $style.'</head>', $html), 'UTF-8');
        $pdf->render();

        return new Response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="day-'.$day.'.pdf"',
            'Cache-Control' => 'private, no-store',
        ]);
    }

    /** Sent twice it stays one. */
    public function load(Request $request, string $day): RedirectResponse
    {
        $values = $request->validate(['thing' => ['required', 'alpha', 'max:30'], 'done' => ['required', 'boolean']]);
        $tick = LoadingTick::query()->where('day', $day)->where('thing', $values['thing'])->first();
        if ((bool) $values['done'] && $tick === null) {
            LoadingTick::query()->create(['day' => $day, 'thing' => $values['thing']]);
        } elseif (! (bool) $values['done']) {
            $tick?->delete();
        }

        return Saved::at(route('clear.day', $day), (bool) $values['done'] ? __('Loaded.') : __('Not loaded yet.'));
    }

    /** @return array{day: \DateTimeImmutable, stops: list<DayStop>, load: array<string, array{int, string}>, lifted: array{kg: float, each: float, people: int, beyond: int}} */
    private function read(string $day): array
    {
        abort_unless(checkdate((int) substr($day, 5, 2), (int) substr($day, 8, 2), (int) substr($day, 0, 4)), 404);
        $stops = $this->sheet->stops($day);

        return [
            'day' => new \DateTimeImmutable($day),
            'stops' => $stops,
            'load' => $this->sheet->load($stops),
            'lifted' => $this->sheet->lifted($stops),
        ];
    }
}
