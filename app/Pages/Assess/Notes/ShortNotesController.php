<?php

declare(strict_types=1);

namespace App\Pages\Assess\Notes;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Short notes, typed or pasted from paper: drawn while they are typed, kept as one, undone as one. */
final readonly class ShortNotesController
{
    private const MOST = 20000;

    public function __construct(private ReadNotes $notes, private KeepNotes $keep, private CurrentOperation $current)
    {
    }

    public function show(): View
    {
        return view('assess.notes', ['preview' => $this->notes->of(self::text(old('notes'))), 'text' => '']);
    }

    /** Nothing is kept: the same page with what was understood, or the part of it that is drawn while typing. */
    public function preview(Request $request): View
    {
        $request->validate(['notes' => ['nullable', 'string', 'max:'.self::MOST]]);
        $text = self::text($request->input('notes'));
        $with = ['preview' => $this->notes->of($text), 'text' => $text];

        return view($request->hasHeader('HX-Request') ? 'assess.notes-preview' : 'assess.notes', $with);
    }

    public function store(Request $request): RedirectResponse
    {
        $values = $request->validate(
            [
                'notes' => ['required', 'string', 'max:'.self::MOST],
                'on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01'],
            ],
            ['notes.required' => __('Write at least one line.')],
        );
        $preview = $this->notes->of($values['notes']);
        if ($preview->errors !== []) {
            throw ValidationException::withMessages(['notes' => trans_choice(
                '{1} One word cannot be read. Correct it; then the notes can be saved.'
                    .'|[2,*] :count words cannot be read. Correct them; then the notes can be saved.',
                count($preview->errors),
            )]);
        }
        if ($preview->lines === []) {
            throw ValidationException::withMessages(['notes' => __('Write at least one line.')]);
        }
        $this->keep->all($preview->lines, $this->day($values['on'] ?? null));

        return Saved::at(route('assess.notes'), trans_choice(
            '{1} :count line is saved.|[2,*] :count lines are saved.',
            count($preview->lines),
        ));
    }

    private function day(?string $given): ?DateTimeImmutable
    {
        $today = $this->current->today();
        if ($given === null || $given === $today->format('Y-m-d')) {
            return null;
        }
        $day = new DateTimeImmutable($given, $today->getTimezone());
        if ($day > $today) {
            throw ValidationException::withMessages(['on' => __('This day is in the future.')]);
        }

        return $day;
    }

    private static function text(mixed $given): string
    {
        return is_string($given) ? mb_substr($given, 0, self::MOST) : '';
    }
}
