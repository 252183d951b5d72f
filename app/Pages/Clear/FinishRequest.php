<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Models\StopTrouble;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Marjoram\Core\Clearing\Method;

/**
 * What was really done at a stop, or at all open stops of a day, and on which day: all of it today, where nothing else
 * is said.
 */
final class FinishRequest extends FormRequest
{
    /** @var Collection<int, Clearing>|null */
    private ?Collection $clearings = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01'],
            'chosen' => ['sometimes', 'boolean'],
            'done' => ['sometimes', 'array', 'max:600'],
            'done.*' => ['string', 'max:26'],
            'why' => ['nullable', 'string', 'max:300'],
            'went' => ['sometimes', 'array'],
            'went.*' => ['in:done,not'],
            'wrong' => ['sometimes', 'array'],
            'wrong.*' => ['array'],
            'wrong.*.*' => [Rule::in(StopTrouble::WHAT)],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                if ($this->day()->format('Y-m-d') > $this->current()->day()) {
                    $validator->errors()->add('on', __('This day is in the future.'));
                }
                foreach ($this->clearings() as $clearing) {
                    if (! $this->isAnswered($clearing)) {
                        $validator->errors()->add("went.$clearing->id", __('Say of :yard whether you were there.', [
                            'yard' => $clearing->apiary->name,
                        ]));
                    } elseif ($this->wentTo($clearing)) {
                        $this->check($validator, $this->of($clearing));
                    }
                }
            },
        ];
    }

    /** Nobody was at a stop of a day only where that is said. */
    public function wentTo(Clearing $clearing): bool
    {
        return $this->input("went.$clearing->id") !== 'not';
    }

    /** @return list<string> what went wrong there */
    public function wrong(Clearing $clearing): array
    {
        $given = $this->input("wrong.$clearing->id");

        return is_array($given) ? array_values(array_filter(array_unique($given), is_string(...))) : [];
    }

    /** Who ticks what was done on a day says it of each stop. */
    private function isAnswered(Clearing $clearing): bool
    {
        return is_string($this->route('day')) === false
            || ! $this->boolean('chosen')
            || $this->input("went.$clearing->id") !== null;
    }

    public function of(Clearing $clearing): WorkDone
    {
        $items = $clearing->items;
        $done = $items;
        if ($this->boolean('chosen')) {
            $given = $this->input('done', []);
            $ids = is_array($given) ? $given : [];
            $done = $items->filter(static fn (ClearingSuper $one): bool => in_array($one->id, $ids, true));
        }

        return new WorkDone(
            $this->day(),
            $this->at(),
            $done,
            $items->diff($done),
            $this->string('why')->trim()->toString(),
        );
    }

    public function day(): DateTimeImmutable
    {
        $given = $this->input('on');

        return is_string($given) && $given !== ''
            ? new DateTimeImmutable($given)
            : new DateTimeImmutable($this->current()->day());
    }

    /** @return Collection<int, Clearing> the one that is named, or all of the day that are open */
    public function clearings(): Collection
    {
        return $this->clearings ??= $this->named();
    }

    /** @return Collection<int, Clearing> */
    private function named(): Collection
    {
        $with = ['items.box.place', 'items.hive.colony', 'apiary'];
        $clearing = $this->route('clearing');
        if ($clearing instanceof Clearing) {
            return (new Collection([$clearing]))->loadMissing($with);
        }
        $day = $this->route('day');
        assert(is_string($day));

        return Clearing::workedOn($day)
            ->with($with)
            ->orderBy('id')
            ->get()
            ->filter(static fn (Clearing $one): bool => ! $one->isFinishedOn($day) && $one->method !== Method::ByFrame)
            ->values();
    }

    private function check(Validator $validator, WorkDone $work): void
    {
        foreach ($work->done as $item) {
            $since = $item->box->place?->since->format('Y-m-d');
            if ($since !== null && $work->on() < $since) {
                $validator->errors()->add('on', __('Box :mark has been there only since :day.', [
                    'mark' => $item->box->mark,
                    'day' => $since,
                ]));
            }
        }
        if ($work->left->isNotEmpty() && $work->why === '') {
            $validator->errors()->add('why', __('Say in a few words why they stay.'));
        }
    }

    /** Now, or the middle of an earlier day. */
    private function at(): DateTimeImmutable
    {
        $now = $this->current()->now();
        $isToday = $this->day()->format('Y-m-d') === $now->format('Y-m-d');
        $noon = new DateTimeImmutable($this->day()->format('Y-m-d').' 12:00', $now->getTimezone());

        return ($isToday ? $now : $noon)->setTimezone(new DateTimeZone('UTC'));
    }

    private function current(): CurrentOperation
    {
        return app(CurrentOperation::class);
    }
}
