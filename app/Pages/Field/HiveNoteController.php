<?php

declare(strict_types=1);

namespace App\Pages\Field;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Foundation\Server\Photographs;
use App\Models\Hive;
use App\Models\HiveNote;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What is noted of a hive in the yard. */
final readonly class HiveNoteController
{
    private const MOST_PHOTO_BYTES = 1_500_000;

    public function __construct(private CurrentOperation $current)
    {
    }

    public function store(Request $request, Hive $hive): RedirectResponse
    {
        $values = $request->validate(
            [
                'what' => ['required', Rule::in(HiveNote::WHAT)],
                'text' => ['required_if:what,note', 'nullable', 'string', 'max:500'],
                'box' => ['nullable', 'string', 'max:26', self::ofThisOperation()],
            ],
            ['text.required_if' => __('Write a few words first.')],
        );
        $this->note($hive, $values['what'], $values['text'] ?? '', $values['box'] ?? null);

        return $this->done($hive, __('Saved for :hive.', ['hive' => $hive->code]));
    }

    public function photo(Request $request, Hive $hive): RedirectResponse
    {
        $values = $request->validate([
            'jpeg' => ['required', 'string', 'max:'.(int) ceil(self::MOST_PHOTO_BYTES * 4 / 3)],
            'text' => ['nullable', 'string', 'max:500'],
            'box' => ['nullable', 'string', 'max:26', self::ofThisOperation()],
        ]);
        $jpeg = Photographs::cleaned((string) base64_decode($values['jpeg'], true));
        if ($jpeg === null) {
            throw ValidationException::withMessages(['jpeg' => __('This file is not a JPEG photograph.')]);
        }
        $note = $this->note($hive, 'photo', $values['text'] ?? '', $values['box'] ?? null);
        DB::table('hive_photos')->insert(['hive_note_id' => $note->id, 'sha256' => Photographs::store($jpeg)]);

        return $this->done($hive, __('The photograph is saved with :hive.', ['hive' => $hive->code]));
    }

    public function show(HiveNote $note): Response
    {
        $sha256 = DB::table('hive_photos')->where('hive_note_id', $note->id)->value('sha256');
        $jpeg = is_string($sha256) ? Photographs::read($sha256) : null;
        abort_if($jpeg === null, 404);

        return new Response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }

    public function destroy(HiveNote $note): RedirectResponse
    {
        $note->load('hive')->delete();

        return $this->done($note->hive, __('The note is in the bin.'));
    }

    public function excluder(Request $request, Hive $hive): RedirectResponse
    {
        $values = $request->validate(['excluder' => ['required', 'boolean']]);
        $hive->update(['excluder' => (bool) $values['excluder']]);

        return $this->done($hive, (bool) $values['excluder'] ? __('The excluder is in.') : __('The excluder is out.'));
    }

    private function note(Hive $hive, string $what, string $text, ?string $box): HiveNote
    {
        $now = $this->current->utc();

        return HiveNote::keep($hive->id, $box, $what, $text, $now);
    }

    private static function ofThisOperation(): \Illuminate\Validation\Rules\Exists
    {
        return Rule::exists('boxes', 'id')->where('operation_id', app(CurrentOperation::class)->get()->id);
    }

    private function done(Hive $hive, string $words): RedirectResponse
    {
        $hive->load('stand.apiary');

        return Saved::at(route('yards.hive', [$hive->stand->apiary->slug, $hive->code]), $words);
    }
}
