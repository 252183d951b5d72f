<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Clearing;
use App\Models\Treatment;
use App\Words\Wording;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use Sabre\VObject\Component\VCalendar;

/** The visits that stand open, and the dates from the treatments' labels, as iCalendar (RFC 5545). */
final readonly class VisitCalendar
{
    /** Dates of a treatment stay so many days after they have passed. */
    private const PAST_DAYS = 30;

    public function __construct(private CurrentOperation $current, private Wording $say)
    {
    }

    /** All that is open. */
    public function text(): string
    {
        $calendar = $this->calendar();
        $clearings = Clearing::open()->with(['items', 'apiary'])->orderBy('first_on')->get();
        foreach ($clearings as $clearing) {
            $this->visits($calendar, $clearing);
        }
        $treatments = Treatment::query()
            ->where('supers_off_by', '>=', $this->current->today()->modify('-'.self::PAST_DAYS.' days'))
            ->with('apiary')
            ->get();
        foreach ($treatments as $treatment) {
            self::treatment($calendar, $treatment);
        }

        return $calendar->serialize();
    }

    /** @param  Collection<int, Clearing>  $clearings */
    public function ofClearings(Collection $clearings): string
    {
        $calendar = $this->calendar();
        foreach ($clearings as $clearing) {
            $this->visits($calendar, $clearing);
        }

        return $calendar->serialize();
    }

    private function calendar(): VCalendar
    {
        return new VCalendar([
            'PRODID' => '-//Marjoram//Plans//EN',
            'X-WR-CALNAME' => $this->current->get()->name,
        ]);
    }

    private static function treatment(VCalendar $calendar, Treatment $treatment): void
    {
        $yard = ['yard' => $treatment->apiary->name];
        self::add($calendar, new CalendarDay(
            "$treatment->id-off",
            $treatment->version,
            $treatment->supers_off_by,
            __('Supers off by today: :yard', $yard),
            __(':what. The product label and local law decide.', ['what' => $treatment->what]),
        ));
        if ($treatment->may_return !== null) {
            self::add($calendar, new CalendarDay(
                "$treatment->id-back",
                $treatment->version,
                $treatment->may_return,
                __('Supers may return: :yard', $yard),
                $treatment->what,
            ));
        }
    }

    private function visits(VCalendar $calendar, Clearing $clearing): void
    {
        $hives = $clearing->items->pluck('hive_id')->unique()->count();
        $yard = ['yard' => $clearing->apiary->name];
        $sheet = route('clear.plan', $clearing->id);
        if ($clearing->second_on !== null) {
            self::add($calendar, new CalendarDay(
                "$clearing->id-1",
                $clearing->version,
                $clearing->first_on,
                __('Boards on: :yard', $yard),
                trans_choice('{1} :count board|[2,*] :count boards', $hives).". $sheet",
                $clearing->apiary,
            ));
        }
        $supers = trans_choice(
            '{1} :count super of :hives hives by :method|[2,*] :count supers of :hives hives by :method',
            $clearing->items->count(),
            ['hives' => $hives, 'method' => $this->say->method($clearing->method)],
        );
        self::add($calendar, new CalendarDay(
            "$clearing->id-2",
            $clearing->version,
            $clearing->inOn(),
            __('Supers in: :yard', $yard),
            "$supers. $sheet",
            $clearing->apiary,
            $clearing->second_on === null ? null : $this->reminder($clearing),
        ));
    }

    private function reminder(Clearing $clearing): string
    {
        return __('Boards are out at :yard: bring the supers in tomorrow. No board stays more than three nights.', [
            'yard' => $clearing->apiary->name,
        ]);
    }

    private static function add(VCalendar $calendar, CalendarDay $day): void
    {
        $date = new DateTimeImmutable($day->on->format('Y-m-d'));
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "$day->id@marjoram",
            'SEQUENCE' => $day->version,
            'DTSTAMP' => new DateTimeImmutable('now', new DateTimeZone('UTC')),
            'SUMMARY' => $day->summary,
            'DESCRIPTION' => $day->description,
            'TRANSP' => 'TRANSPARENT',
        ] + ($day->where === null ? [] : [
            'LOCATION' => $day->where->name,
            'GEO' => [$day->where->latitude, $day->where->longitude],
        ]));
        $event->add('DTSTART', $date, ['VALUE' => 'DATE']);
        $event->add('DTEND', $date->modify('+1 day'), ['VALUE' => 'DATE']);
        if ($day->reminder !== null) {
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => '-PT12H', 'DESCRIPTION' => $day->reminder]);
        }
        $calendar->add($event);
    }
}
