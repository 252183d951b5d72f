<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\ColonyFact;
use App\Models\Hive;
use App\Models\Queen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What happens to the bees: dated facts, so that a season's yield finds the colony and queen that made it. */
final readonly class ColonyController
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function fact(Request $request, Hive $hive, LifeEvents $events): RedirectResponse
    {
        $values = $request->validate([
            'kind' => ['required', Rule::in(ColonyFact::NOTED)],
            'happened_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01'],
            'note' => ['nullable', 'string', 'max:500'],
            'other' => ['nullable', 'string', 'max:12'],
        ]);
        if ($values['happened_on'] > $this->current->day()) {
            throw ValidationException::withMessages(['happened_on' => __('This day is in the future.')]);
        }
        $events->happened(
            $hive,
            $values['kind'],
            $values['happened_on'],
            $values['note'] ?? null,
            $values['other'] ?? '',
        );

        return $this->done($hive, __('Saved for the colony on :hive.', ['hive' => $hive->code]));
    }

    public function forget(ColonyFact $fact): RedirectResponse
    {
        $fact->load('colony.hive.stand.apiary')->delete();
        $hive = $fact->colony->hive;

        return $hive === null
            ? Saved::at(route('yards.index'), __('The note is in the bin.'))
            : $this->done($hive, __('The note is in the bin.'));
    }

    public function requeen(Request $request, Hive $hive, Queens $queens): RedirectResponse
    {
        $values = $request->validate([
            'queen' => ['nullable', 'string', 'max:26'],
            'code' => ['required_without:queen', 'nullable', 'string', 'max:30'],
            'line' => ['required_without:queen', 'nullable', 'string', 'max:30'],
            'year' => ['required_without:queen', 'nullable', 'integer', 'between:2000,2100'],
            'mother' => ['nullable', 'string', 'max:26'],
        ]);
        $known = ($values['queen'] ?? '') === '' ? null : Queen::query()->whereKey($values['queen'])->first()
            ?? throw ValidationException::withMessages(['queen' => __('This queen does not exist. Choose another.')]);
        $queen = $known ?? $queens->new(
            (string) $values['code'],
            (string) $values['line'],
            (int) $values['year'],
            Queen::query()->whereKey($values['mother'] ?? '')->first(),
        );
        $queens->give($hive, $queen);

        return $this->done($hive, __(':hive has queen :queen.', ['hive' => $hive->code, 'queen' => $queen->code]));
    }

    private function done(Hive $hive, string $words): RedirectResponse
    {
        $hive->load('stand.apiary');

        return Saved::at(route('yards.hive', [$hive->stand->apiary->slug, $hive->code]), $words);
    }
}
