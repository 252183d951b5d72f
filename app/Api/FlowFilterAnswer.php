<?php

declare(strict_types=1);

namespace App\Api;

use DateTimeZone;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Filter\FilteredDay;
use Marjoram\Core\Flow\Filter\FilterResult;
use Marjoram\Core\Flow\Filter\FlightDay;
use Marjoram\Core\Flow\Filter\FlowFilter;
use Marjoram\Core\Flow\Filter\LoggedHandling;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\ScaleStep;
use Marjoram\Core\Flow\Sign;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Statement;

/** The flow by its second model, the filter over hidden days, as JSON. */
final class FlowFilterAnswer
{
    /** @return array<string, mixed> */
    public function to(Fields $input): array
    {
        $now = InstantText::of($input->text('now'), '/now');
        $result = (new FlowFilter)->assess(
            $input->each('readings', static fn (Fields $one): ScaleReading => new ScaleReading(
                InstantText::of($one->text('at'), '/at'),
                $one->number('kg'),
            )),
            $input->each('handlings', static fn (Fields $one): LoggedHandling => new LoggedHandling(
                InstantText::of($one->text('at'), '/at'),
                $one->optional('kg'),
            )),
            self::weather($input),
            $input->each('evidence', static fn (Fields $one): Evidence => new Evidence(
                Sign::from($one->text('sign')),
                $one->text('result'),
                InstantText::of($one->text('at'), '/at'),
            )),
            $now,
            self::zone($input) ?? $now->getTimezone(),
        );

        return self::answer($result);
    }

    /** @return array<string, FlightDay> by date */
    private static function weather(Fields $input): array
    {
        $days = $input->each('weather', static fn (Fields $one): array => [
            $one->text('date'),
            new FlightDay(
                $one->optional('max_c'),
                $one->optional('rain_mm'),
                $one->optional('rain_p'),
                $one->optional('sun'),
            ),
        ]);

        return array_column($days, 1, 0);
    }

    /** @throws InvalidInput where there is no such zone */
    private static function zone(Fields $input): ?DateTimeZone
    {
        $name = $input->text('timezone');
        if ($name === '') {
            return null;
        }
        if (! in_array($name, DateTimeZone::listIdentifiers(), true)) {
            throw InvalidInput::unknown('The time zone', $name, 'names such as Europe/Stockholm', '/timezone');
        }

        return new DateTimeZone($name);
    }

    /** @return array<string, mixed> */
    private static function answer(FilterResult $result): array
    {
        return [
            'days' => array_map(static fn (FilteredDay $day): array => [
                'date' => $day->date,
                'gain_kg' => $day->gainKg,
                'p' => [
                    'before' => $day->p->before,
                    'strong' => $day->p->strong,
                    'slow' => $day->p->slow,
                    'over' => $day->p->over,
                ],
            ], $result->days),
            'manipulations' => array_map(static fn (ScaleStep $step): array => [
                'at' => $step->at->format(DATE_ATOM),
                'step_kg' => $step->kg,
            ], $result->manipulations),
            'phase' => $result->phase->value,
            'p_over' => $result->pOver,
            'p_resumes_10d' => $result->pResumes,
            'ended' => $result->ended === null ? null : [
                'median' => $result->ended->median,
                'from' => $result->ended->from,
                'to' => $result->ended->to,
            ],
            'next5_kg' => ['mean' => $result->nextKg, 'sd' => $result->nextSdKg],
            'reasons' => array_map(self::reason(...), $result->reasons),
        ];
    }

    /** @return array{key: string, log_odds: mixed} */
    private static function reason(Statement $reason): array
    {
        $sign = $reason->figures['sign'] ?? null;

        return [
            'key' => $reason->what->value.($sign instanceof Sign ? "-$sign->value" : ''),
            'log_odds' => $reason->figures['log_odds'] ?? 0.0,
        ];
    }
}
