<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Days\DayReader;
use App\Apiary\Days\DaySheet;
use App\Apiary\Days\StepWords;
use App\Apiary\Days\TroubleWords;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\LoadingTick;
use App\Models\Operation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The sheet for one day on the road, on the phone and on paper. */
final readonly class DayController
{
    public function __construct(private DayReader $days, private CurrentOperation $current)
    {
    }

    public function show(
        Request $request,
        string $day,
        WorkPicture $draw,
        StepWords $words,
        TroubleWords $trouble,
    ): View {
        return view('day.show', [
            'draw' => $draw,
            'words' => $words,
            'trouble' => $trouble,
            'page' => new FinishDay,
            'canTick' => $request->user()?->can('record') === true,
            'sheet' => $this->read($day),
            'today' => $this->current->day(),
            'ticked' => LoadingTick::thingsOf($day),
        ]);
    }

    /** The same on one or two sheets of A4 or Letter. */
    public function pdf(Request $request, string $day, Paper $paper): Response
    {
        $size = $request->query('paper') === 'letter' ? 'letter' : 'a4';

        return new Response($paper->of($this->read($day), $size), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="day-'.$day.'.pdf"',
            'Cache-Control' => 'private, no-store',
        ]);
    }

    /** Sent twice it stays one. */
    public function load(Request $request, string $day): RedirectResponse
    {
        self::mustBeADay($day);
        $values = $request->validate(['thing' => ['required', 'alpha', 'max:30'], 'done' => ['required', 'boolean']]);
        // Of two who load at once the second finds what the first has ticked.
        Operation::query()->whereKey($this->current->id())->lockForUpdate()->value('id');
        $tick = LoadingTick::query()
            ->where('day', $day)
            ->where('thing', $values['thing'])
            ->lockForUpdate()
            ->first();
        if ((bool) $values['done'] && $tick === null) {
            LoadingTick::query()->create(['day' => $day, 'thing' => $values['thing']]);
        } elseif (! (bool) $values['done']) {
            $tick?->delete();
        }

        return Saved::at(route('clear.day', $day), (bool) $values['done'] ? __('Loaded.') : __('Not loaded yet.'));
    }

    private function read(string $day): DaySheet
    {
        self::mustBeADay($day);

        return $this->days->of($day);
    }

    private static function mustBeADay(string $day): void
    {
        abort_unless(checkdate((int) substr($day, 5, 2), (int) substr($day, 8, 2), (int) substr($day, 0, 4)), 404);
    }
}
