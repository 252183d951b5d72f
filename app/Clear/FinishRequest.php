<?php

declare(strict_types=1);

namespace App\Clear;

use App\Models\Clearing;
use App\Models\ClearingSuper;
use App\Operation\CurrentOperation;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** What was really done at a stop, and on which day: all of it today, where nothing else is said. */
final class FinishRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01'],
            'chosen' => ['sometimes', 'boolean'],
            'done' => ['sometimes', 'array', 'max:200'],
            'done.*' => ['string', 'max:26'],
            'why' => ['nullable', 'string', 'max:300'],
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
                $on = $this->day()->format('Y-m-d');
                if ($on > $this->current()->today()->format('Y-m-d')) {
                    $validator->errors()->add('on', __('This day is still to come.'));
                }
                foreach ($this->done() as $item) {
                    $since = $item->box->place?->since->format('Y-m-d');
                    if ($since !== null && $on < $since) {
                        $validator->errors()->add('on', __('Box :mark has stood there since :day only.', [
                            'mark' => $item->box->mark,
                            'day' => $since,
                        ]));
                    }
                }
                if ($this->left()->isNotEmpty() && $this->why() === '') {
                    $validator->errors()->add('why', __('Say in a few words why they stay.'));
                }
            },
        ];
    }

    public function day(): DateTimeImmutable
    {
        $given = $this->input('on');

        return is_string($given) && $given !== ''
            ? new DateTimeImmutable($given)
            : $this->current()->today();
    }

    /** Now, or the middle of an earlier day. */
    public function at(): DateTimeImmutable
    {
        $now = $this->current()->now();
        $isToday = $this->day()->format('Y-m-d') === $now->format('Y-m-d');
        $noon = new DateTimeImmutable($this->day()->format('Y-m-d').' 12:00', $now->getTimezone());

        return ($isToday ? $now : $noon)->setTimezone(new DateTimeZone('UTC'));
    }

    /** @return Collection<int, ClearingSuper> those that came in, or whose board is on */
    public function done(): Collection
    {
        $items = $this->clearing()->items;
        if (! $this->boolean('chosen')) {
            return $items;
        }
        $given = $this->input('done', []);
        $done = is_array($given) ? $given : [];

        return $items->filter(static fn (ClearingSuper $one): bool => in_array($one->id, $done, true));
    }

    /** @return Collection<int, ClearingSuper> */
    public function left(): Collection
    {
        return $this->clearing()->items->diff($this->done());
    }

    public function why(): string
    {
        return $this->string('why')->trim()->toString();
    }

    private function clearing(): Clearing
    {
        $clearing = $this->route('clearing');
        assert($clearing instanceof Clearing);

        return $clearing->loadMissing(['items.box.place', 'items.hive.colony', 'apiary']);
    }

    private function current(): CurrentOperation
    {
        return app(CurrentOperation::class);
    }
}
