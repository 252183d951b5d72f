<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BoxPlace;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever is sent, by whomever: a refusal, never a fault, and nothing is written. */
final class StubbornInputTest extends FeatureTestCase
{
    private const FACE = ['capped' => '0.5', 'open' => '0'];

    /** @return iterable<string, array{Closure(mixed): mixed}> */
    public static function twists(): iterable
    {
        $each = static fn (Closure $twist): Closure => static fn (mixed $value): mixed => is_array($value)
            ? array_map($twist, $value)
            : $twist($value);
        yield 'a list for a value' => [static fn (mixed $value): array => ['x' => [$value]]];
        yield 'a word for a list' => [static fn (): string => 'x'];
        yield 'seventy thousand letters' => [$each(static fn (): string => str_repeat('é', 70_000))];
        yield 'no number there is' => [$each(static fn (): string => '-1e999')];
        yield 'a zero byte and half a letter' => [$each(static fn (): string => "a\0b\xC3")];
        yield 'nothing' => [$each(static fn (): string => '')];
    }

    /** @param  Closure(mixed): mixed  $twist */
    #[DataProvider('twists')]
    public function test_no_write_falls_over_twisted_fields(Closure $twist): void
    {
        $this->as('keeper')->demo();
        foreach ((new RouteCatalogue($this))->calls() as $name => $call) {
            $answer = $this->tried(function () use ($call, $twist): ?TestResponse {
                [$method, $url, $fields] = $call();

                return $fields === []
                    ? null
                    : $this->send($method, $url, array_map($twist, $fields), from: '/account');
            });
            if ($answer === null) {
                continue;
            }
            self::assertLessThan(500, $answer->getStatusCode(), $name);
            self::assertStringNotContainsString('SQLSTATE', (string) $answer->getContent(), $name);
        }
    }

    /** @return list<array{string, string, array<string, mixed>}> method, address (:box is one of the demo's), fields */
    private static function inputs(): array
    {
        $frame = '/assess/boxes/:box/frames';
        $readings = '/assess/boxes/:box/readings';
        $hive = ['brood_boxes' => '1', 'brood_kind' => 'langstroth-deep-10', 'super_kind' => 'langstroth-medium-10'];

        return [
            ['PUT', "$frame/3", ['a' => ['capped' => '1.2', 'open' => '0'], 'b' => self::FACE]],
            ['PUT', "$frame/3", ['a' => ['capped' => '0.7', 'open' => '0.7'], 'b' => self::FACE]],
            ['PUT', "$frame/3", ['a' => 'x', 'b' => 'y']],
            ['PUT', "$frame/3", ['a' => ['capped' => ['1']], 'b' => self::FACE]],
            ['PUT', "$frame/3", ['a' => ['capped' => 'NaN'], 'b' => ['capped' => 'INF']]],
            ['PUT', "$frame/3", ['a' => ['capped' => '-0.1'], 'b' => self::FACE]],
            ['PUT', "$frame/99", ['a' => self::FACE, 'b' => self::FACE]],
            ['PUT', "$frame/0", ['a' => self::FACE, 'b' => self::FACE]],
            ['PUT', '/assess/boxes/01AAAAAAAAAAAAAAAAAAAAAAAA/frames/3', ['a' => self::FACE, 'b' => self::FACE]],
            ['PUT', '/assess/boxes/:box/shake', ['shake' => 'maybe']],
            ['PUT', '/assess/boxes/:box/shake', ['shake' => ['passed']]],
            ['POST', $readings, ['scale' => 'water', 'value' => '']],
            ['POST', $readings, ['scale' => 'water', 'value' => '99']],
            ['POST', $readings, ['scale' => 'nd', 'value' => '17']],
            ['POST', $readings, ['scale' => 'x', 'value' => '17']],
            ['POST', $readings, ['scale' => 'water', 'value' => '1e309']],
            ['POST', $readings, ['scale' => 'water', 'value' => '17', 'temperature' => '900']],
            ['POST', '/assess/boxes/:box/decisions', ['choice' => 'maybe', 'note' => 'x']],
            ['POST', '/assess/boxes/:box/decisions', ['choice' => 'take', 'note' => '']],
            ['POST', '/assess/boxes/:box/decisions', ['choice' => 'take', 'note' => str_repeat('x', 600)]],
            ['POST', '/assess/ekbacken/decisions', ['choice' => 'take', 'boxes' => [['x']]]],
            ['POST', '/watch/ekbacken/signs', ['seen' => 'nonsense']],
            ['POST', '/watch/ekbacken/signs', ['seen' => 'new-wax:nonsense']],
            ['POST', '/watch/ekbacken/signs', ['seen' => ['a']]],
            ['POST', '/watch/nowhere/signs', ['seen' => 'new-wax:seen']],
            ['POST', '/clear/ekbacken/plans', ['method' => 'broom', 'boxes' => [':box']]],
            ['POST', '/clear/ekbacken/plans', ['method' => 'brush', 'boxes' => ':box']],
            ['POST', '/clear/ekbacken/plans', ['method' => 'brush', 'boxes' => [[1]]]],
            ['POST', '/clear/ekbacken/plans', ['method' => 'brush', 'boxes' => ['x']]],
            ['POST', '/clear/rounds', ['days' => 'abc']],
            ['POST', '/clear/rounds', ['days' => ['1']]],
            ['POST', '/clear/rounds', ['days' => '10', 'weekday_min' => '-5', 'hold_supers' => 'x', 'seconds' => '9e9']],
            ['POST', '/yards', ['name' => '', 'letter' => '', 'latitude' => '91', 'longitude' => '181', 'hives' => '-1']],
            ['POST', '/yards', ['name' => str_repeat('n', 300), 'latitude' => 'x', 'hives' => '100000']],
            ['POST', '/yards', ['name' => ['x']]],
            ['PUT', '/yards/ekbacken', ['name' => '', 'climate' => ['x']]],
            ['PUT', '/yards/ekbacken', ['name' => 'E', 'climate' => array_fill(0, 12, '900')]],
            ['POST', '/yards/ekbacken/hives', ['code' => 'E1', 'supers' => '1'] + $hive],
            ['POST', '/yards/ekbacken/hives', ['supers' => '99'] + $hive],
            ['POST', '/yards/ekbacken/hives', ['supers' => '1', 'brood_kind' => 'x'] + $hive],
            ['POST', '/yards/ekbacken/treatments', ['what' => 'x', 'supers_off_by' => 'yesterday']],
            ['POST', '/yards/ekbacken/treatments', ['what' => '', 'supers_off_by' => '2026-13-45']],
            ['PUT', '/account/policy', ['school' => 'x']],
            ['PUT', '/yards/ekbacken/policy', ['school' => 'x']],
            ['PUT', '/yards/ekbacken/policy', ['capped_min' => '900']],
            ['PUT', '/yards/ekbacken/policy', ['winter_from' => '13-45']],
            ['POST', '/yards/ekbacken/harvests', ['name' => 'h', 'starts_on' => '2026-08-01', 'ends_on' => '2026-07-01']],
            ['PUT', '/account', ['system' => 'x', 'theme' => 'y']],
            ['PUT', '/account/operation', ['operation' => '01AAAAAAAAAAAAAAAAAAAAAAAA']],
            ['PUT', '/account/operation', ['operation' => ['x']]],
            ['PUT', '/account/operation-settings', ['name' => '', 'time_zone' => 'Mars/Olympus', 'crew' => '-1']],
            ['POST', '/calibrate/weighings', ['mark' => 'nope', 'before' => '1', 'after' => '2']],
            ['POST', '/calibrate/instruments', ['name' => 'x', 'scale' => 'y', 'address' => 'ftp://x']],
            ['DELETE', '/clear/plans/x', []],
            ['PUT', '/clear/days/2026-99-99/load', ['thing' => 'x']],
            ['PUT', '/clear/days/2026-08-05/load', ['thing' => ['x']]],
        ];
    }

    public function test_it_is_refused_and_nothing_is_written(): void
    {
        $this->as('keeper')->demo();
        $box = (string) BoxPlace::query()->where('role', 'super')->whereNull('until')->value('box_id');
        $before = $this->written();
        foreach (self::inputs() as [$method, $url, $fields]) {
            array_walk_recursive($fields, static function (mixed &$value) use ($box): void {
                $value = $value === ':box' ? $box : $value;
            });
            $answer = $this->send($method, str_replace(':box', $box, $url), $fields, from: '/account');
            $what = "$method $url ".json_encode($fields);
            self::assertContains($answer->getStatusCode(), [403, 404, 405, 422], $what);
            self::assertStringNotContainsString('SQLSTATE', (string) $answer->getContent(), $what);
            self::assertSame($before, $this->written(), $what);
        }
    }

    /** @return list<string> */
    private static function addresses(): array
    {
        return [
            '/assess/ekbacken/E3?box[]=x',
            '/assess/ekbacken/E3?box=zzz&slot=abc',
            '/assess/ekbacken/E3?slot[]=1',
            '/assess/%00',
            '/assess/..%2f..',
            '/compare?season=abc',
            '/compare?season[]=1',
            '/compare?yard[]=1',
            '/compare?hive[]=1&sort[]=x',
            '/clear/rounds/new?days=abc',
            '/clear/rounds/new?days[]=1',
            '/clear/rounds/new?later=never',
            '/clear/rounds/zzz',
            '/clear/days/2026-02-31',
            '/clear/days/x',
            '/clear/days/2026-08-05.pdf?paper[]=x',
            '/winter/ekbacken/E3/what-if?keep=x',
            '/winter/ekbacken/E3/what-if?keep[]=x&keep[][]=y',
            '/yards/find?code[]=x',
            '/yards/find?code='.str_repeat('x', 500),
            '/practise?number=-1',
            '/practise/scale?number=99999999999999999999',
            '/honey-room/zzz',
            '/honey-room/lots?yard[]=1',
            '/watch/ekbacken?span[]=week&on[]=1',
            '/watch/ekbacken?span=decade&on=2026-13-77',
            '/compare/queens?scale[]=1&line[]=2',
            '/compare/queens?line=nobody',
            '/compare/notes?file[]=1',
            '/compare/out/table?of[]=1&as[]=2',
            '/account/trail?page=x',
            '/account/trail?page[]=1',
            '/watch/ekbacken?x=%00',
            '/api/v1/calc/nope',
        ];
    }

    /** Twice: a page that is refused must not be what is shown beside the refusal. */
    public function test_no_page_falls_over_what_stands_in_its_address(): void
    {
        $this->as('keeper')->demo();
        foreach (self::addresses() as $url) {
            self::assertLessThan(500, $this->get($url)->getStatusCode(), $url);
            self::assertLessThan(500, $this->from($url)->get($url)->getStatusCode(), "$url from itself");
        }
    }

    /** @return list<mixed> */
    private function written(): array
    {
        return [
            DB::table('activity_log')->count(),
            DB::table('frame_looks')->count(),
            DB::table('moisture_readings')->count(),
            DB::table('clearings')->count(),
            DB::table('schedules')->count(),
            DB::table('hives')->count(),
            DB::table('apiaries')->count(),
        ];
    }
}
