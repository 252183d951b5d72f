<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Foundation\Http\MeasuredRequest;
use App\Models\Schedule;
use App\Models\Schedules\AskedYard;
use DateTimeImmutable;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Marjoram\Core\Clearing\BoardFigures;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Rounds\Visit;

/** A visit put on another day, by another method, or locked where it is. */
final class MoveVisitRequest extends MeasuredRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $question = $this->schedule()->question;
        $ids = array_map(static fn (AskedYard $yard): string => $yard->id, $question->yards);
        $dates = $question->dates();

        return [
            'yard' => ['required', Rule::in($ids)],
            'part' => ['nullable', 'integer', 'min:0'],
            'method' => ['required', Rule::enum(Method::class)],
            'last' => ['required', Rule::in($dates)],
            'first' => ['nullable', Rule::in($dates)],
            'version' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $notThere = __('That day is not in this schedule.');

        return ['last.in' => $notThere, 'first.in' => $notThere];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $checked): void {
            if ($checked->errors()->isEmpty() && ! $this->isOneToThreeNights()) {
                $checked->errors()->add('first', __('Boards go on one to three nights before their supers come in.'));
            }
        }];
    }

    /** The visit as it is to be: of the part that was moved, or of the whole yard. */
    public function visit(): Visit
    {
        $yard = (string) $this->string('yard');
        $method = Method::from((string) $this->string('method'));
        $last = new DateTimeImmutable((string) $this->string('last'));
        $hives = count($this->schedule()->question->yard($yard)->hives ?? []);

        return new Visit(
            $yard,
            $this->part()->hives ?? $hives,
            $method,
            $method->takesTwoVisits() ? $this->firstDay() : $last,
            $last,
        );
    }

    /** The visits that stay beside it. One part of a yard moves by itself; without a part the yard moves as a whole. */
    public function isOther(Visit $visit): bool
    {
        $part = $this->part();

        return $part === null ? $visit->yard !== (string) $this->string('yard') : ! $visit->isAs($part);
    }

    private function part(): ?Visit
    {
        $part = $this->input('part');
        $visit = is_numeric($part) ? $this->schedule()->visits[(int) $part] ?? null : null;

        return $visit?->yard === (string) $this->string('yard') ? $visit : null;
    }

    private function isOneToThreeNights(): bool
    {
        if (! Method::from((string) $this->string('method'))->takesTwoVisits()) {
            return true;
        }
        $last = new DateTimeImmutable((string) $this->string('last'));
        $nights = (int) $this->firstDay()->diff($last)->format('%r%a');

        return $nights >= 1 && $nights <= (new BoardFigures)->mostNights;
    }

    private function firstDay(): DateTimeImmutable
    {
        $first = (string) $this->string('first');

        return new DateTimeImmutable($first === '' ? (string) $this->string('last') : $first);
    }

    private function schedule(): Schedule
    {
        $schedule = $this->route('schedule');
        assert($schedule instanceof Schedule);

        return $schedule;
    }
}
