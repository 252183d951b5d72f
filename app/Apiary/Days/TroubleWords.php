<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Foundation\Units\Formatter;
use App\Models\StopTrouble;
use App\Words\Wording;
use Marjoram\Core\Clearing\Trouble;

/** What breaks a plan, and what went wrong before, in words. */
final readonly class TroubleWords
{
    public function __construct(private Formatter $format, private Wording $say)
    {
    }

    /**
     * @param  list<BrokenVisit>  $broken
     * @return list<string> one sentence for each day and cause
     */
    public function sentences(array $broken): array
    {
        $groups = [];
        foreach ($broken as $one) {
            $groups[$one->mended->on->format('Y-m-d').$one->mended->why->value][] = $one;
        }

        return array_values(array_map($this->sentence(...), $groups));
    }

    /** @param  non-empty-list<BrokenVisit>  $alike */
    private function sentence(array $alike): string
    {
        $first = $alike[0];

        return trans_choice(match ($first->mended->why) {
            Trouble::Rain => '{1} Rain on :day: :count visit cannot go as planned.'
                .'|[2,*] Rain on :day: :count visits cannot go as planned.',
            Trouble::Temperature => '{1} The temperature on :day does not suit :method: :count visit cannot go as planned.'
                .'|[2,*] The temperature on :day does not suit :method: :count visits cannot go as planned.',
            Trouble::Missed => '{1} :count visit of :day is not finished.|[2,*] :count visits of :day are not finished.',
            Trouble::Robbed => '{1} Robbing: :count visit needs another method.|[2,*] Robbing: :count visits need another method.',
        }, count($alike), [
            'day' => $this->format->weekday($first->mended->on),
            'method' => $this->say->method($first->mended->visit->method),
        ]);
    }

    /** Of a visit that no other day would mend. */
    public function another(BrokenVisit $one): string
    {
        return __('Robbing at :yard: :method leaves honey open. Delete this visit and plan it with another method.', [
            'yard' => $one->clearing->apiary->name,
            'method' => $this->say->method($one->clearing->method),
        ]);
    }

    /** @return array<string, string> by what went wrong */
    public static function choices(): array
    {
        return [
            'rain' => __('rain'),
            'robbing' => __('robbing'),
            'heavy' => __('too heavy'),
            'time' => __('no time'),
        ];
    }

    /**
     * What the next visit does in another way.
     *
     * @param  array<string, StopTrouble>  $troubles
     * @return list<string>
     */
    public function heard(array $troubles): array
    {
        $words = [];
        foreach ($troubles as $what => $one) {
            $day = ['day' => $this->format->weekday($one->on)];
            $words[] = match ($what) {
                'rain' => __('It rained here on :day. Check the sky before you drive.', $day),
                'robbing' => __(
                    'Robbing here on :day. Narrow the entrances first, come towards evening, and leave no honey open.',
                    $day,
                ),
                'heavy' => __('A box was too heavy here on :day. Lift with two people, or take fewer frames at once.', $day),
                default => __('There was not enough time here on :day. Allow a third more.', $day),
            };
        }

        return $words;
    }
}
