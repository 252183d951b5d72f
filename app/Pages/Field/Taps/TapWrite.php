<?php

declare(strict_types=1);

namespace App\Pages\Field\Taps;

use App\Apiary\Frames\FrameMarks;
use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Units\Formatter;
use App\Models\Box;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A tap as the write that a page would make of it. */
final readonly class TapWrite
{
    /** @param  array<string, mixed>  $body */
    private function __construct(public string $method, public string $url, public array $body)
    {
    }

    public static function of(Tap $tap, ?int $version, CurrentOperation $current, Formatter $format): self
    {
        $box = ['box' => $tap->on];
        $hive = ['hive' => $tap->on];

        return match ($tap->kind) {
            TapKind::Frame => self::put(
                'assess.frames.update',
                $box + ['slot' => $tap->slot()],
                self::only($tap, 'a', 'b', 'seen_on')
                    + ['version' => $version, 'brief' => ($tap->data['show'] ?? null) !== true],
            ),
            TapKind::Alike => self::post('assess.alike', $box, ['what' => 'alike'] + self::only($tap, 'slot')),
            TapKind::Shake => self::put('assess.shake', $box, self::only($tap, 'shake', 'was')),
            TapKind::Reading => self::post(
                'assess.readings.store',
                $box,
                self::only($tap, 'scale', 'value', 'cells', 'instrument') + self::temperature($tap, $format),
            ),
            TapKind::Decide => self::post('assess.decisions.store', $box, self::only($tap, 'choice', 'note', 'was')),
            TapKind::Note => self::post('field.notes.store', $hive, self::only($tap, 'what', 'text', 'box')),
            TapKind::Photo => self::post('field.photos.store', $hive, self::only($tap, 'jpeg', 'text', 'box')),
            TapKind::Heft => self::post('winter.weighings.store', $hive, [
                'first' => self::mass($tap, 'first_kg', $format),
                'second' => self::mass($tap, 'second_kg', $format),
            ] + self::only($tap, 'how', 'frames_of_bees')),
            TapKind::FrameOff => self::post('frames.take', ['apiary' => $tap->text('yard')], [
                'f' => [self::frame($tap)],
            ] + self::only($tap, 'colour', 'number')),
            TapKind::FrameBack => self::post('frames.return', ['lot' => $tap->on], [
                'frames' => [$tap->text('frame')],
                'to' => 'home',
            ]),
            TapKind::Load => self::put(
                'clear.day.load',
                ['day' => strcasecmp($tap->on, (string) $current->id()) === 0 ? $tap->text('day') : self::none()],
                self::only($tap, 'thing', 'done'),
            ),
            TapKind::Weigh => self::post('watch.weights.store', ['apiary' => $tap->text('yard')], [
                'hive' => $tap->on,
                'at' => $current->now()->format('Y-m-d\TH:i'),
                'weight' => self::mass($tap, 'kg', $format) ?? 0.0,
            ]),
            TapKind::Sign => self::post(
                'watch.signs.store',
                ['apiary' => $tap->text('yard')],
                self::only($tap, 'seen'),
            ),
            TapKind::BoxOn => self::post('yards.boxes.store', $hive, self::only($tap, 'kind', 'role', 'put_on', 'box')),
            TapKind::BoxOff => self::post('yards.boxes.off', $box, []),
            TapKind::BoardOn => self::post('clear.boards.store', $hive, self::only($tap, 'under')),
            TapKind::Excluder => self::put('field.excluder', $hive, self::only($tap, 'excluder', 'was')),
            TapKind::Trouble => self::put('clear.trouble', ['clearing' => $tap->on], self::only($tap, 'what', 'done')),
            TapKind::Tick => self::put('clear.tick', ['item' => $tap->on], self::only($tap, 'what', 'done')),
        };
    }

    /** @return array<string, mixed> */
    private static function only(Tap $tap, string ...$names): array
    {
        return array_intersect_key($tap->data, array_flip($names));
    }

    /** By its box's mark as it is now. */
    private static function frame(Tap $tap): string
    {
        $mark = Box::query()->whereKey($tap->on)->value('mark');

        return is_string($mark) ? FrameMarks::idOf($mark, $tap->slot()) : self::none();
    }

    /** What it is about does not exist here. */
    private static function none(): never
    {
        throw new NotFoundHttpException;
    }

    /** In the person's own unit, as a form sends it. */
    private static function mass(Tap $tap, string $name, Formatter $format): ?float
    {
        $kg = $tap->number($name);

        return $kg === null ? null : round($format->massValue($kg), 3);
    }

    /** @return array<string, float> in the person's own unit, as a form sends it */
    private static function temperature(Tap $tap, Formatter $format): array
    {
        $celsius = $tap->number('temperature_c');

        return $celsius === null ? [] : ['temperature' => round($format->temperatureValue($celsius), 2)];
    }

    /**
     * @param  array<string, mixed>  $where
     * @param  array<string, mixed>  $body
     */
    private static function put(string $route, array $where, array $body): self
    {
        return new self('PUT', route($route, $where), $body);
    }

    /**
     * @param  array<string, mixed>  $where
     * @param  array<string, mixed>  $body
     */
    private static function post(string $route, array $where, array $body): self
    {
        return new self('POST', route($route, $where), $body);
    }
}
