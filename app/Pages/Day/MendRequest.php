<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Clearing;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\Clearing\BoardFigures;

/** Which visits move, and to which days. */
final class MendRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'move' => ['required', 'array', 'max:200'],
            'move.*' => ['string', 'max:26'],
            'first' => ['sometimes', 'array'],
            'first.*' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'second' => ['sometimes', 'array'],
            'second.*' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['move.required' => __('Tick at least one visit to move.')];
    }

    /** @return list<Clearing> those that move */
    public function clearings(): array
    {
        $ids = array_unique(array_filter($this->array('move'), is_string(...)));
        $found = Clearing::query()->whereKey($ids)->with('items')->orderBy('id')->get();
        if ($found->isEmpty() || $found->count() !== count($ids)) {
            throw ValidationException::withMessages([
                'move' => __('One of these visits is no longer planned. Reload the page.'),
            ]);
        }

        return array_values($found->all());
    }

    /**
     * Its new days, Y-m-d; boards that are on stay where they are.
     *
     * @return array{string, ?string}
     *
     * @throws ValidationException when they cannot be
     */
    public function days(Clearing $clearing): array
    {
        $first = $clearing->hasBoardOn()
            ? $clearing->first_on->format('Y-m-d')
            : $this->day('first', $clearing->id);
        $second = $clearing->second_on === null ? null : $this->day('second', $clearing->id);
        $this->assertFit($clearing, $first, $second);

        return [$first, $second];
    }

    /** @throws ValidationException */
    private function assertFit(Clearing $clearing, string $first, ?string $second): void
    {
        $today = app(CurrentOperation::class)->day();
        $most = (new BoardFigures)->mostNights;
        $latest = (new DateTimeImmutable($first))->modify("+$most days")->format('Y-m-d');
        $isOut = $clearing->hasBoardOn();
        $why = match (true) {
            $clearing->isCollected() => ['move', __('This clearing is in the honey room already.')],
            ! $isOut && $first < $today => ["first.$clearing->id", __('This day is past.')],
            $second !== null && $second < $today => ["second.$clearing->id", __('This day is past.')],
            $second !== null && $second <= $first => [
                "second.$clearing->id",
                __('The boards need at least one night.'),
            ],
            // Boards that are out too long come in today.
            $second !== null && $second > $latest && ! ($isOut && $second === $today) => [
                "second.$clearing->id",
                __('No board stays more than :n nights.', ['n' => $most]),
            ],
            default => null,
        };
        if ($why !== null) {
            throw ValidationException::withMessages([$why[0] => $why[1]]);
        }
    }

    private function day(string $field, string $id): string
    {
        $given = $this->input("$field.$id");
        if (! is_string($given) || $given === '') {
            throw ValidationException::withMessages(["$field.$id" => __('Choose a day.')]);
        }

        return $given;
    }
}
