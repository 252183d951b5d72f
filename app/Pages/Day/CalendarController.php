<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\CalendarLink;
use App\Models\Operation;
use App\Models\Role;
use App\Models\Schedule;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;

/** Plans for the calendar of a phone: to download, or under a private address that can be taken back. */
final readonly class CalendarController
{
    public function __construct(private CurrentOperation $current, private VisitCalendar $calendar)
    {
    }

    public function all(): Response
    {
        return self::answer($this->calendar->text());
    }

    public function schedule(Schedule $schedule): Response
    {
        return self::answer($this->calendar->ofClearings($schedule->clearings()->with(['items', 'apiary'])->get()));
    }

    /** For a calendar that knows the address: no session, no sign-in; an address taken back is not found. */
    public function feed(string $token): Response
    {
        $link = CalendarLink::query()
            ->withoutGlobalScope('operation')
            ->where('token_hash', hash('sha256', $token))
            ->firstOrFail();
        $operation = Operation::query()->findOrFail($link->operation_id);
        abort_if($operation->memberships()->where('user_id', $link->user_id)->doesntExist(), 404);
        $this->current->enter($operation, Role::Viewer);

        return self::answer($this->calendar->text());
    }

    public function store(Request $request): RedirectResponse
    {
        $values = $request->validate(['name' => ['required', 'string', 'max:60']]);
        $token = Str::random(40);
        CalendarLink::query()->create([
            'user_id' => Auth::id(),
            'name' => $values['name'],
            'token_hash' => hash('sha256', $token),
        ]);

        // The secret is shown this once; only its hash is kept.
        return Saved::at(
            route('clear.rounds.index').'#calendar',
            __('The address is created. Copy it now: it is shown only once.'),
        )->with('calendar', route('calendar.feed', $token));
    }

    public function destroy(CalendarLink $calendarLink): RedirectResponse
    {
        $calendarLink->delete();

        return Saved::at(route('clear.rounds.index').'#calendar', __('The address is removed.'));
    }

    private static function answer(string $text): Response
    {
        return new Response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="marjoram.ics"',
            'Cache-Control' => 'private, max-age=300',
        ]);
    }
}
