<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Clearing;
use App\Models\Treatment;
use App\Operation\CurrentOperation;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Collection;
use Sabre\VObject\Component\VCalendar;

/** The visits that stand open, and the dates from the treatments' labels, as iCalendar (RFC 5545). */
final readonly class VisitCalendar
{
    public function __construct(private CurrentOperation $current)
    {
    }

    /** @param  ?Collection<int, Clearing>  $plans  null for all that are not collected */
    public function text(?Collection $plans = null): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Marjoram//Plans//EN',
            'X-WR-CALNAME' => $this->current->get()->name,
        ]);
        $all =
            $plans ??
            Clearing::query()
                ->where('state', '!=', 'collected')
                ->with(['items', 'apiary'])
                ->orderBy('first_on')
                ->get();
        foreach ($all as $plan) {
            $this->visits($calendar, $plan);
        }
        foreach (
            $plans === null
                ? Treatment::query()
                    ->where('supers_off_by', '>=', $this->current->today()->modify('-30 days'))
                    ->with('apiary')
                    ->get()
                : [] as $treatment
        ) {
            $this->day(
                $calendar,
                "$treatment->id-off",
                $treatment->version,
                $treatment->supers_off_by,
                __('Supers off by today: :yard', ['yard' => $treatment->apiary->name]),
                __(':what. The product label and local law decide.', ['what' => $treatment->what]),
            );
            if ($treatment->may_return !== null) {
                $this->day(
                    $calendar,
                    "$treatment->id-back",
                    $treatment->version,
                    $treatment->may_return,
                    __('Supers may return: :yard', ['yard' => $treatment->apiary->name]),
                    $treatment->what,
                );
            }
        }

        return $calendar->serialize();
    }

    private function visits(VCalendar $calendar, Clearing $plan): void
    {
        $hives = $plan->items->pluck('hive_id')->unique()->count();
        $where = ['LOCATION' => $plan->apiary->name, 'GEO' => [$plan->apiary->latitude, $plan->apiary->longitude]];
        $way = \App\Wording\MethodNames::word($plan->method);
        if ($plan->second_on !== null) {
            $this->day(
                $calendar,
                "$plan->id-1",
                $plan->version,
                $plan->first_on,
                __('Boards on: :yard', ['yard' => $plan->apiary->name]),
                trans_choice('{1} :count board|[2,*] :count boards', $hives).'. '.route('clear.plan', $plan->id),
                $where,
            );
        }
        $this->day(
            $calendar,
            "$plan->id-2",
            $plan->version,
            $plan->second_on ?? $plan->first_on,
            __('Supers in: :yard', ['yard' => $plan->apiary->name]),
            trans_choice(
                '{1} :count super of :hives hives by :way|[2,*] :count supers of :hives hives by :way',
                $plan->items->count(),
                ['hives' => $hives, 'way' => $way],
            ).
                '. '.
                route('clear.plan', $plan->id),
            $where,
            $plan->second_on !== null
                ? __('Boards are out at :yard: supers in tomorrow. No board stays more than three nights.', [
                    'yard' => $plan->apiary->name,
                ])
                : null,
        );
    }

    /** @param  array<string, mixed>  $more */
    private function day(
        VCalendar $calendar,
        string $id,
        int $version,
        DateTimeInterface $on,
        string $summary,
        string $description,
        array $more = [],
        ?string $reminder = null,
    ): void {
        $date = new DateTimeImmutable($on->format('Y-m-d'));
        $event = $calendar->createComponent(
            'VEVENT',
            [
                'UID' => "$id@marjoram",
                'SEQUENCE' => $version,
                'DTSTAMP' => new DateTimeImmutable('now', new \DateTimeZone('UTC')),
                'SUMMARY' => $summary,
                'DESCRIPTION' => $description,
                'TRANSP' => 'TRANSPARENT',
            ] + $more,
        );
        $event->add('DTSTART', $date, ['VALUE' => 'DATE']);
        $event->add('DTEND', $date->modify('+1 day'), ['VALUE' => 'DATE']);
        if ($reminder !== null) {
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => '-PT12H', 'DESCRIPTION' => $reminder]);
        }
        $calendar->add($event);
    }
}
