<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Sheets\Parked;
use App\Models\Apiary;
use App\Models\Batch;
use App\Models\Bloom;
use App\Models\BoxKindRow;
use App\Models\BoxPlace;
use App\Models\BoxWeighing;
use App\Models\Bucket;
use App\Models\BucketKind;
use App\Models\CalendarLink;
use App\Models\Clearing;
use App\Models\Colony;
use App\Models\ColonyFact;
use App\Models\Decision;
use App\Models\ExtractorLoad;
use App\Models\Eye;
use App\Models\Feeding;
use App\Models\FlowSign;
use App\Models\FollowUp;
use App\Models\FrameLook;
use App\Models\FrozenClearing;
use App\Models\HarvestPolicy;
use App\Models\Hive;
use App\Models\HiveNote;
use App\Models\HiveScale;
use App\Models\HiveWeighing;
use App\Models\Instrument;
use App\Models\JarFill;
use App\Models\JarKind;
use App\Models\Lot;
use App\Models\MoistureReading;
use App\Models\Pour;
use App\Models\Queen;
use App\Models\QueenMark;
use App\Models\RoomCheck;
use App\Models\ScaleImport;
use App\Models\ScaleWeight;
use App\Models\Schedule;
use App\Models\Schedules\AskedRounds;
use App\Models\Schedules\ScheduleSettings;
use App\Models\Schedules\Waiting;
use App\Models\Season;
use App\Models\TakenSuper;
use App\Models\Treatment;
use App\Models\User;
use App\Models\WeatherDay;
use App\Models\WinterLook;
use App\Models\YieldImport;
use App\Pages\Rounds\QuestionReader;
use DateTimeImmutable;
use Illuminate\Support\Facades\Http;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Rounds\Capacity;
use Marjoram\Core\Rounds\Visit;

/** A valid call of each write there is, with the records of the demo that it needs. */
final class RouteCatalogue
{
    /** The form that asks for a schedule. */
    public const ROUNDS = [
        'days' => '10',
        'weekday_min' => '300',
        'saturday_min' => '480',
        'sunday_min' => '0',
        'truck_supers' => '60',
        'hold_supers' => '90',
        'held_supers' => '0',
        'extract_supers' => '20',
        'seconds' => '1',
    ];

    /** The form of the policy. */
    public const POLICY = [
        'school' => 'capped-only',
        'capped_min' => '75',
        'water_max_pct' => '18',
        'heather_water_max_pct' => '21',
        'confidence' => '80',
        'unit' => 'supers',
        'clearing' => 'choose',
        'winter_confidence' => '95',
        'winter_from' => '10-01',
        'first_flow' => '04-20',
        'fill_capped' => '70',
        'fill_open' => '35',
    ];

    public const YARD = [
        'name' => 'Fresh field',
        'letter' => 'F',
        'latitude' => '55.9',
        'longitude' => '13.4',
        'hives' => '2',
        'brood_kind' => 'langstroth-deep-10',
        'brood_boxes' => '1',
        'super_kind' => 'langstroth-medium-10',
        'supers' => '1',
    ];

    /** @param  FeatureTestCase  $test  signed in as a keeper of the demo */
    public function __construct(private readonly FeatureTestCase $test)
    {
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> by route, and what more where one route has several */
    public function calls(): array
    {
        return [
            ...$this->looking(),
            ...$this->inTheYard(),
            ...$this->watching(),
            ...$this->comparing(),
            ...$this->winter(),
            ...$this->clearing(),
            ...$this->bench(),
            ...$this->keeping(),
            ...$this->calibrating(),
        ];
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function inTheYard(): array
    {
        $hive = static fn (): string => (string) Hive::query()->where('code', 'E1')->value('id');
        $picture = imagecreatetruecolor(8, 8);
        ob_start();
        imagejpeg($picture);
        $jpeg = base64_encode((string) ob_get_clean());

        return [
            'assess.notes.store' => static fn (): array => [
                'POST',
                '/short-notes',
                ['notes' => "E3 2: 5=8/9 6=9 rain; w 17.2; take\nE1 kg 44 queen \"calm\""],
            ],
            'field.notes.store' => fn (): array => [
                'POST',
                "/field/hives/{$hive()}/notes",
                ['what' => 'note', 'text' => 'wasps'],
            ],
            'field.photos.store' => fn (): array => ['POST', "/field/hives/{$hive()}/photos", ['jpeg' => $jpeg]],
            'field.excluder' => fn (): array => ['PUT', "/field/hives/{$hive()}/excluder", ['excluder' => '0']],
            'field.notes.destroy' => function () use ($hive): array {
                $note = HiveNote::query()->create([
                    'hive_id' => $hive(),
                    'what' => 'note',
                    'noted_at' => '2026-08-04 10:00:00',
                ]);

                return ['DELETE', "/field/notes/$note->id", []];
            },
        ];
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function watching(): array
    {
        $scale = static fn (): HiveScale => HiveScale::query()->firstOrFail();
        $parked = static fn (): string => app(Parked::class)->keep(app(CurrentOperation::class)->get()->id, "at;kg\n2026-07-01 12:00;41,5\n2026-07-02 12:00;42,1\n", 'a.csv');
        $import = static fn (): ScaleImport => ScaleImport::query()->create([
            'hive_scale_id' => $scale()->id,
            'file_name' => 'a.csv',
            'readings' => 0,
            'first_at' => '2026-07-01 12:00:00',
            'last_at' => '2026-07-01 12:00:00',
        ]);

        return [
            'watch.blooms.store' => fn (): array => [
                'POST',
                '/watch/ekbacken/blooms',
                ['plant' => 'ivy', 'what' => 'began', 'on' => '2026-08-02'],
            ],
            'watch.blooms.store ended' => fn (): array => [
                'POST',
                '/watch/ekbacken/blooms',
                ['plant' => 'Lime', 'what' => 'ended', 'on' => '2026-07-26'],
            ],
            'watch.blooms.destroy' => fn (): array => ['DELETE', '/watch/blooms/'.Bloom::query()->value('id'), []],
            'watch.scales.store' => fn (): array => [
                'POST',
                '/watch/ekbacken/scales',
                ['name' => 'Second', 'hive' => $this->hive('E2')->id],
            ],
            'watch.scales.secret' => fn (): array => ['PUT', '/watch/scales/'.$scale()->id.'/secret', []],
            'watch.scales.read' => fn (): array => ['POST', '/watch/scales/'.$scale()->id.'/map', ['file' => $parked()]],
            'watch.scales.destroy' => fn (): array => ['DELETE', '/watch/scales/'.$scale()->id, []],
            'watch.imports.destroy' => fn (): array => ['DELETE', '/watch/imports/'.$import()->id, []],
        ];
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function comparing(): array
    {
        $queen = static fn (): Queen => Queen::query()->orderByDesc('year')->firstOrFail();
        $sheet = static fn (): string => app(Parked::class)->keep(app(CurrentOperation::class)->get()->id, "hive;year;kg\nE1;2019;21,5\nE2;2019;30\n", 'old.csv');
        $import = static function (): YieldImport {
            $import = YieldImport::query()->create(['file_name' => 'old.csv', 'rows' => 1]);
            $import->yields()->create(['yard' => 'Ekbacken', 'hive' => 'E1', 'season' => 2018, 'kg' => 12.0]);

            return $import;
        };

        return [
            'compare.mark' => fn (): array => [
                'PUT',
                '/compare/queens/'.$queen()->id.'/mark',
                ['mark' => 'breed', 'daughters' => '4', 'reason' => 'calm and full'],
            ],
            'compare.unmark' => function () use ($queen): array {
                $mark = QueenMark::query()->create(['queen_id' => $queen()->id, 'mark' => 'watch']);

                return ['DELETE', "/compare/marks/$mark->id", []];
            },
            'compare.mother' => fn (): array => [
                'PUT',
                '/compare/queens/'.$queen()->id.'/mother',
                ['mother' => Queen::query()->orderBy('year')->value('id')],
            ],
            'compare.notes.store' => fn (): array => ['POST', '/compare/notes', ['file' => $sheet()]],
            'compare.notes.destroy' => fn (): array => ['DELETE', '/compare/notes/'.$import()->id, []],
        ];
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function looking(): array
    {
        $box = fn (): string => $this->super('E4')->box_id;

        return [
            'watch.signs.store' => fn (): array => ['POST', '/watch/ekbacken/signs', ['seen' => 'new-wax:seen']],
            'watch.signs.destroy' => fn (): array => ['DELETE', '/watch/signs/'.FlowSign::query()->value('id'), []],
            'watch.weights.store' => fn (): array => [
                'POST',
                '/watch/ekbacken/weights',
                ['hive' => $this->hive('E4')->id, 'weight' => '47.2', 'at' => '2026-08-04T07:10'],
            ],
            'watch.weights.destroy' => fn (): array => [
                'DELETE',
                '/watch/weights/'.ScaleWeight::query()->latest('at')->value('id'),
                [],
            ],
            'assess.frames.update' => fn (): array => [
                'PUT',
                "/assess/boxes/{$box()}/frames/5",
                ['a' => ['capped' => '0.8'], 'b' => ['capped' => '0.7']],
            ],
            'assess.frames.update of-one-there' => fn (): array => [
                'PUT',
                '/assess/boxes/'.$this->super('E1')->box_id.'/frames/5',
                ['a' => ['capped' => '0.11'], 'b' => ['open' => '0.12']],
            ],
            'assess.frames.destroy' => fn (): array => [
                'DELETE',
                '/assess/frames/'.FrameLook::query()->value('id'),
                [],
            ],
            'assess.alike' => fn (): array => [
                'POST',
                '/assess/boxes/'.$this->super('T7')->box_id.'/alike',
                ['what' => 'alike', 'slot' => '5'],
            ],
            'assess.shake' => fn (): array => ['PUT', "/assess/boxes/{$box()}/shake", ['shake' => 'passed']],
            'assess.readings.store' => fn (): array => [
                'POST',
                "/assess/boxes/{$box()}/readings",
                ['scale' => 'water', 'value' => '17.3'],
            ],
            'assess.readings.instrument' => function () use ($box): array {
                Http::fake([
                    '*' => Http::response([
                        'scale' => 'water',
                        'value' => 17.4,
                        'temperature_c' => 21.0,
                        'compensated' => true,
                    ]),
                ]);
                $instrument = Instrument::query()->firstOrFail();
                $instrument->update(['address' => 'http://127.0.0.1:8491']);

                return ['POST', "/assess/boxes/{$box()}/readings/instrument", ['instrument' => $instrument->id]];
            },
            'assess.readings.destroy' => fn (): array => [
                'DELETE',
                '/assess/readings/'.MoistureReading::query()->value('id'),
                [],
            ],
            'assess.decisions.store' => fn (): array => [
                'POST',
                "/assess/boxes/{$box()}/decisions",
                ['choice' => 'take', 'note' => 'Sold comb by comb.'],
            ],
            'assess.decisions.destroy' => fn (): array => [
                'DELETE',
                '/assess/decisions/'.$this->decision('assess')->id,
                [],
            ],
            'assess.bulk' => fn (): array => [
                'POST',
                '/assess/ekbacken/decisions',
                [
                    'boxes' => [$this->super('E1')->box_id, $this->super('E2')->box_id],
                    'choice' => 'stay',
                    'note' => 'Rain is coming.',
                ],
            ],
        ];
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function winter(): array
    {
        $hive = fn (): string => $this->hive('S2')->id;

        return [
            'winter.looks.store' => fn (): array => [
                'POST',
                "/winter/hives/{$hive()}/looks",
                ['frames_of_bees' => '9', 'brood_honey' => '15', 'how' => 'estimated'],
            ],
            'winter.looks.destroy' => fn (): array => [
                'DELETE',
                '/winter/looks/'.WinterLook::query()->value('id'),
                [],
            ],
            'winter.weighings.store' => fn (): array => [
                'POST',
                "/winter/hives/{$hive()}/weighings",
                ['how' => 'both-sides', 'first' => '30', 'second' => '27', 'frames_of_bees' => '9'],
            ],
            'winter.weighings.destroy' => fn (): array => [
                'DELETE',
                '/winter/weighings/'.HiveWeighing::query()->value('id'),
                [],
            ],
            'winter.feedings.store' => fn (): array => [
                'POST',
                "/winter/hives/{$hive()}/feedings",
                ['what' => 'syrup-2-1', 'amount' => '4'],
            ],
            'winter.feedings.destroy' => fn (): array => [
                'DELETE',
                '/winter/feedings/'.
                Feeding::query()->create([
                    'hive_id' => $hive(),
                    'what' => 'fondant',
                    'amount' => 2,
                    'sugar_kg' => 1.8,
                    'stores_kg' => 1.8,
                    'fed_on' => '2026-08-01',
                ])->id,
                [],
            ],
            'winter.keep' => fn (): array => [
                'POST',
                '/winter/boxes/'.$this->super('E1')->box_id.'/decisions',
                ['choice' => 'stay', 'note' => 'A weak hive.'],
            ],
            'winter.decisions.destroy' => fn (): array => [
                'DELETE',
                '/winter/decisions/'.$this->decision('winter')->id,
                [],
            ],
        ];
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function clearing(): array
    {
        $plan = fn (): Clearing => $this->plan();
        $schedule = fn (): Schedule => $this->schedule();

        return [
            'clear.plans.store' => function (): array {
                $page = (string) $this->test->get('/clear/ekbacken')->getContent();
                preg_match_all('/name="boxes\[\]"\s+value="(\w+)"/', $page, $boxes);

                return ['POST', '/clear/ekbacken/plans', ['method' => 'brush', 'boxes' => $boxes[1]]];
            },
            'clear.plans.destroy' => fn (): array => ['DELETE', "/clear/plans/{$plan()->id}", []],
            'clear.tick' => fn (): array => [
                'PUT',
                "/clear/items/{$plan()->items()->value('id')}",
                ['what' => 'placed', 'done' => '1'],
            ],
            'clear.boards.store' => function (): array {
                $place = BoxPlace::query()->where('role', 'super')->whereNull('until')->latest('position')->firstOrFail();

                return ['POST', "/clear/hives/$place->hive_id/boards", ['under' => $place->box_id]];
            },
            'clear.placed' => fn (): array => ['PUT', "/clear/plans/{$plan()->id}/placed", []],
            'clear.collected' => fn (): array => ['PUT', "/clear/plans/{$plan()->id}/collected", []],
            'clear.day.finish' => fn (): array => ['PUT', "/clear/days/{$plan()->first_on->format('Y-m-d')}/finish", []],
            'clear.day.load' => fn (): array => [
                'PUT',
                '/clear/days/2026-08-06/load',
                ['thing' => 'smoker', 'done' => '1'],
            ],
            'clear.follow-up' => fn (): array => [
                'PUT',
                '/clear/follow-ups/'.
                FollowUp::query()->create([
                    'apiary_id' => $this->yard()->id,
                    'what' => 'space',
                    'due_on' => '2026-08-09',
                ])->id,
                ['done' => '1'],
            ],
            'clear.trouble' => fn (): array => [
                'PUT',
                "/clear/plans/{$plan()->id}/trouble",
                ['what' => 'robbing', 'done' => '1'],
            ],
            'clear.mend.update' => function () use ($plan): array {
                $one = $plan();

                return ['PUT', '/clear/days/mend', [
                    'move' => [$one->id],
                    'first' => [$one->id => '2026-08-20'],
                    'second' => [$one->id => '2026-08-21'],
                ]];
            },
            'clear.weather.store' => fn (): array => [
                'POST',
                '/clear/weather',
                ['yard' => 'ekbacken', 'date' => '2026-08-06', 'min' => '9', 'max' => '15', 'rain' => '95', 'sun' => '5'],
            ],
            'clear.weather.destroy' => fn (): array => [
                'DELETE',
                '/clear/weather/'.WeatherDay::query()->value('id'),
                [],
            ],
            'clear.forecast' => function (): array {
                Http::fake([
                    '*' => Http::response([
                        'days' => [['date' => '2026-08-05', 'min_c' => 10, 'max_c' => 20, 'rain_p' => 0.5, 'sun' => 1]],
                    ]),
                ]);

                return ['POST', '/clear/forecast', []];
            },
            'clear.calendar.store' => fn (): array => ['POST', '/clear/calendar', ['name' => 'my phone']],
            'clear.calendar.destroy' => fn (): array => [
                'DELETE',
                '/clear/calendar/'.
                CalendarLink::query()->create([
                    'user_id' => User::query()->where('email', 'keeper@demo.example')->value('id'),
                    'name' => 'phone',
                    'token_hash' => hash('sha256', 'x'),
                ])->id,
                [],
            ],
            'clear.drives.update' => fn (): array => [
                'PUT',
                '/clear/drives',
                ['from' => 'honey-room', 'minutes' => [$this->yard()->id => '21']],
            ],
            'clear.rounds.store' => fn (): array => ['POST', '/clear/rounds', self::ROUNDS],
            'clear.rounds.again' => fn (): array => ['POST', "/clear/rounds/{$schedule()->id}/again", ['afresh' => '1']],
            'clear.rounds.move' => fn (): array => [
                'PUT',
                "/clear/rounds/{$schedule()->id}/move",
                ['yard' => $this->yard()->id, 'method' => 'brush', 'last' => '2026-08-06'],
            ],
            'clear.rounds.unlock' => fn (): array => [
                'PUT',
                "/clear/rounds/{$schedule()->id}/unlock",
                ['yard' => $this->yard()->id],
            ],
            'clear.rounds.use' => fn (): array => ['POST', "/clear/rounds/{$schedule()->id}/use", []],
            'clear.rounds.destroy' => fn (): array => ['DELETE', "/clear/rounds/{$schedule()->id}", []],
            'honey-room.buckets.store' => fn (): array => [
                'POST',
                '/honey-room/'.Lot::query()->value('id').'/buckets',
                ['gross' => '20', 'tare' => '1'],
            ],
            'honey-room.buckets.update' => fn (): array => [
                'PUT',
                '/honey-room/buckets/'.Bucket::query()->value('id'),
                ['gross' => '19.5', 'tare' => '1.1'],
            ],
            'honey-room.buckets.destroy' => fn (): array => [
                'DELETE',
                '/honey-room/buckets/'.Bucket::query()->value('id'),
                [],
            ],
            'honey-room.supers.update' => fn (): array => [
                'PUT',
                '/honey-room/supers/'.TakenSuper::query()->value('id'),
                ['before' => '18', 'after' => '6'],
            ],
            'honey-room.lots.destroy' => fn (): array => ['DELETE', '/honey-room/'.Lot::query()->value('id'), []],
        ];
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function bench(): array
    {
        $at = static fn (string $station): TakenSuper => TakenSuper::query()
            ->where('station', $station)
            ->where('slot', 0)
            ->firstOrFail();
        $lot = static fn (): string => (string) Lot::query()->where('code', 'L26-T2')->value('id');
        $room = '/honey-room';

        return [
            'honey-room.checks.store' => function () use ($room): array {
                RoomCheck::query()->forceDelete();
                $all = array_fill_keys(['gate', 'gasket', 'dry', 'food', 'strainer', 'lid'], '1');

                return ['POST', "$room/checks", ['checks' => $all]];
            },
            'honey-room.door.arrive' => fn (): array => [
                'POST',
                "$room/door/{$at('awaited')->id}",
                ['before' => '19.4', 'water' => '17.6', 'bees' => '1'],
            ],
            'honey-room.door.by-hand' => fn (): array => [
                'POST',
                "$room/door",
                ['yard' => 'skolgarden', 'boxes' => [$this->super('S1')->box_id, $this->super('S3')->box_id]],
            ],
            'honey-room.door.missing' => fn (): array => [
                'POST',
                "$room/door/{$at('awaited')->id}/missing",
                ['where' => 'hive'],
            ],
            'honey-room.door.use' => fn (): array => [
                'POST',
                "$room/door/{$at('door')->id}/use",
                ['use' => 'comb', 'kg' => '8.2'],
            ],
            'honey-room.door.all' => fn (): array => ['POST', "$room/{$lot()}/arrive", []],
            'honey-room.door.more' => fn (): array => [
                'POST',
                "$room/{$lot()}/more",
                ['box' => $this->super('T2')->box_id],
            ],
            'honey-room.away' => fn (): array => ['POST', "$room/{$lot()}/away", []],
            'honey-room.wet' => fn (): array => ['POST', "$room/{$lot()}/wet", ['to' => 'home']],
            'honey-room.warm.move' => fn (): array => [
                'POST',
                "$room/warm/move",
                ['to' => 'dry', 'supers' => [$at('door')->id]],
            ],
            'honey-room.warm.air' => fn (): array => ['POST', "$room/warm/air", ['celsius' => '32', 'humidity' => '37']],
            'honey-room.warm.sensor' => function () use ($room): array {
                Http::fake(['*/air' => Http::response(['temperature_c' => 31.2, 'humidity_pct' => 36])]);

                return ['POST', "$room/warm/sensor", []];
            },
            'honey-room.warm.reading' => fn (): array => [
                'POST',
                "$room/warm/{$at('dry')->id}/reading",
                ['water' => '18.1'],
            ],
            'honey-room.extractor.load' => fn (): array => [
                'POST',
                "$room/extractor/load",
                ['slot' => ['1' => "{$at('door')->id}-2", '3' => "{$at('door')->id}-4"]],
            ],
            'honey-room.extractor.weigh' => fn (): array => [
                'PUT',
                "$room/extractor/frames/{$at('door')->id}/3",
                ['kg' => '1.84'],
            ],
            'honey-room.extractor.supers' => fn (): array => [
                'POST',
                "$room/extractor/spun",
                ['supers' => [$at('door')->id]],
            ],
            'honey-room.extractor.step' => fn (): array => [
                'POST',
                "$room/extractor/{$this->load()->id}/step",
                ['step' => '0'],
            ],
            'honey-room.extractor.spun' => fn (): array => ['POST', "$room/extractor/{$this->load()->id}/spun", []],
            'honey-room.extractor.destroy' => fn (): array => ['DELETE', "$room/extractor/{$this->load()->id}", []],
            'honey-room.batches.store' => fn (): array => [
                'POST',
                "$room/batches",
                ['pour' => [$this->fresh()->id => '5'], 'depth' => '30', 'celsius' => '28'],
            ],
            'honey-room.batches.close' => fn (): array => ['POST', "$room/batches/{$this->batch()->id}/close", []],
            'honey-room.batches.destroy' => fn (): array => ['DELETE', "$room/batches/{$this->batch()->id}", []],
            'honey-room.fills.store' => fn (): array => [
                'POST',
                "$room/batches/{$this->batch()->id}/fills",
                ['kind' => JarKind::query()->value('id'), 'count' => '12', 'weights' => '501 500,5 499'],
            ],
            'honey-room.fills.move' => fn (): array => [
                'POST',
                "$room/fills/".JarFill::query()->value('id').'/moves',
                ['count' => '3', 'whom' => 'A neighbour'],
            ],
            'honey-room.pours.store' => fn (): array => [
                'POST',
                "$room/buckets/{$this->fresh()->id}/pours",
                ['why' => 'bees', 'kg' => '2'],
            ],
            'honey-room.pours.destroy' => fn (): array => [
                'DELETE',
                "$room/pours/".Pour::query()->where('batch_id', $this->batch()->id)->value('id'),
                [],
            ],
            'honey-room.notes' => fn (): array => [
                'PUT',
                "$room/{$lot()}/notes",
                ['pfund_mm' => '50', 'taste' => 'strong', 'plants' => 'heather'],
            ],
            'honey-room.cappings' => fn (): array => ['PUT', "$room/{$lot()}/cappings", ['wax' => '0.8', 'honey' => '2']],
            'honey-room.equipment.machine' => fn (): array => [
                'PUT',
                "$room/equipment/machine",
                ['extractor' => '9', 'radius' => '28', 'turns' => 'radial', 'rpm' => '280', 'force' => '120'],
            ],
            'honey-room.equipment.devices' => fn (): array => ['PUT', "$room/equipment/devices", ['room_sensor' => '']],
            'honey-room.bucket-kinds.store' => fn (): array => [
                'POST',
                "$room/equipment/buckets",
                ['name' => 'Tub', 'tare' => '2', 'holds' => '40'],
            ],
            'honey-room.bucket-kinds.destroy' => fn (): array => [
                'DELETE',
                "$room/equipment/buckets/".BucketKind::query()->value('id'),
                [],
            ],
            'honey-room.jar-kinds.store' => fn (): array => [
                'POST',
                "$room/equipment/jars",
                ['name' => 'Tall jar', 'net_g' => '400', 'stock' => '20'],
            ],
            'honey-room.jar-kinds.destroy' => fn (): array => [
                'DELETE',
                "$room/equipment/jars/".JarKind::query()->create(['name' => 'None', 'net_g' => 100])->id,
                [],
            ],
        ];
    }

    private function batch(): Batch
    {
        return Batch::query()->whereNull('closed_on')->firstOrFail();
    }

    /** A bucket that nothing was poured from. */
    private function fresh(): Bucket
    {
        return Bucket::query()->whereDoesntHave('pours')->latest('weighed_at')->firstOrFail();
    }

    private function load(): ExtractorLoad
    {
        $super = TakenSuper::query()->where('station', 'door')->firstOrFail();
        $load = ExtractorLoad::query()->create([
            'number' => 1,
            'slots' => 4,
            'celsius' => 30,
            'water_pct' => 17.5,
            'loaded_at' => '2026-08-04 10:00:00',
        ]);
        foreach (range(1, 10) as $frame) {
            $load->frames()->create([
                'taken_super_id' => $super->id,
                'frame' => $frame,
                'slot' => $frame,
                'grams' => 1500,
                'honey_kg' => 1.1,
            ]);
        }

        return $load;
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function keeping(): array
    {
        return [
            'yards.table.store' => fn (): array => [
                'POST',
                '/yards/table',
                ['table' => "code;yard;supers;queen;year\nZ77;Ekbacken;2;Z-77;2025", 'sure' => '1'],
            ],
            'yards.store' => fn (): array => ['POST', '/yards', self::YARD],
            'yards.update' => fn (): array => [
                'PUT',
                '/yards/ekbacken',
                [
                    'name' => 'Ekbacken upper',
                    'latitude' => '55.85',
                    'longitude' => '13.44',
                    'climate' => array_fill(0, 12, '7.5'),
                ],
            ],
            'yards.destroy' => fn (): array => [
                'DELETE',
                '/yards/'.
                Apiary::query()->create([
                    'name' => 'Bare',
                    'slug' => 'bare',
                    'letter' => 'B',
                    'latitude' => 56,
                    'longitude' => 13,
                    'climate' => array_fill(0, 12, 8.0),
                ])->slug,
                [],
            ],
            'yards.hives.store' => fn (): array => [
                'POST',
                '/yards/ekbacken/hives',
                [
                    'brood_kind' => 'langstroth-deep-10',
                    'brood_boxes' => '1',
                    'super_kind' => 'langstroth-medium-10',
                    'supers' => '2',
                    'excluder' => '1',
                ],
            ],
            'yards.hives.update' => fn (): array => [
                'PUT',
                '/yards/hives/'.$this->hive('E5')->id,
                ['code' => 'E5', 'yard' => 'tegelbruket', 'notes' => 'Moved for the lime.'],
            ],
            'yards.hives.destroy' => fn (): array => ['DELETE', '/yards/hives/'.$this->hive('E5')->id, []],
            'yards.boxes.store' => fn (): array => [
                'POST',
                '/yards/hives/'.$this->hive('E9')->id.'/boxes',
                ['kind' => 'langstroth-medium-10', 'role' => 'super'],
            ],
            'yards.boxes.store of-one-on-a-hive' => fn (): array => [
                'POST',
                '/yards/hives/'.$this->hive('E9')->id.'/boxes',
                ['box' => $this->offTheHive('E3'), 'role' => 'super'],
            ],
            'yards.boxes.move' => fn (): array => [
                'POST',
                '/yards/boxes/'.$this->super('E3')->box_id.'/move',
                ['hive' => 'E9'],
            ],
            'yards.boxes.off' => fn (): array => ['POST', '/yards/boxes/'.$this->super('E3')->box_id.'/off', []],
            'yards.boxes.destroy' => fn (): array => ['DELETE', '/yards/boxes/'.$this->offTheHive('E3'), []],
            'yards.chosen.kind' => fn (): array => [
                'PUT',
                '/yards/ekbacken/chosen/kind',
                ['hives' => [$this->hive('E9')->id], 'which' => 'brood', 'to' => 'langstroth-medium-10'],
            ],
            'season.close' => fn (): array => [
                'POST',
                '/season/close',
                ['season' => '2026', 'store' => 'none', 'excluders' => 'stay'],
            ],
            'season.open' => function (): array {
                Season::query()->create(['season' => 2026, 'closed_at' => now()]);

                return ['DELETE', '/season/2026/close', []];
            },
            'season.begin' => fn (): array => [
                'POST',
                '/season/begin',
                [
                    'season' => '2026',
                    'super_on' => 'none',
                    'kind' => 'langstroth-medium-10',
                    'put_on' => 'drawn',
                    'excluder' => 'yes',
                    'queens' => 'unsaid',
                ],
            ],
            'yards.chosen.queens' => fn (): array => [
                'PUT',
                '/yards/ekbacken/chosen/queens',
                ['hives' => [$this->hive('E1')->id, $this->hive('E2')->id], 'line' => 'L2', 'year' => '2026'],
            ],
            'frames.take' => fn (): array => [
                'POST',
                '/frames/ekbacken',
                ['f' => [$this->super('E3')->box->mark.'-5'], 'gather' => '1', 'gaps' => 'store'],
            ],
            'frames.move' => fn (): array => [
                'POST',
                '/frames/ekbacken/moves',
                ['f' => [$this->super('E3')->box->mark.'-5'], 'to' => 'store'],
            ],
            'frames.comb' => fn (): array => [
                'POST',
                '/frames/ekbacken/combs',
                ['f' => [$this->super('E3')->box->mark.'-5'], 'comb' => 'free', 'year' => '2025'],
            ],
            'frames.return' => function (): array {
                $this->test->send('POST', '/frames/ekbacken', ['f' => [$this->super('E3')->box->mark.'-5']]);

                return ['POST', '/frames/lots/'.Lot::query()->latest('id')->value('id').'/return', ['to' => 'home']];
            },
            'yards.facts.store' => fn (): array => [
                'POST',
                '/yards/hives/'.$this->hive('E1')->id.'/facts',
                ['kind' => 'swarmed', 'happened_on' => '2026-06-02', 'note' => 'into the oak'],
            ],
            'yards.facts.destroy' => fn (): array => ['DELETE', '/yards/facts/'.ColonyFact::query()->value('id'), []],
            'yards.queen' => fn (): array => [
                'PUT',
                '/yards/hives/'.$this->hive('E1')->id.'/queen',
                ['code' => 'NEW-1', 'line' => 'L2', 'year' => '2026'],
            ],
            'yards.queens.update' => fn (): array => [
                'PUT',
                '/yards/queens/'.Queen::query()->value('id'),
                ['code' => 'Q-1', 'line' => 'L9', 'year' => '2024'],
            ],
            'yards.queens.destroy' => fn (): array => [
                'DELETE',
                '/yards/queens/'.
                Queen::query()
                    ->whereNotIn('id', Colony::query()->whereNotNull('queen_id')->pluck('queen_id'))
                    ->value('id'),
                [],
            ],
            'yards.kinds.store' => fn (): array => [
                'POST',
                '/yards/kinds',
                [
                    'name' => 'Half deep',
                    'frames' => '8',
                    'comb_length' => '400',
                    'comb_height' => '130',
                    'inside_width' => '300',
                    'external_height' => '150',
                    'external_length' => '480',
                    'external_width' => '340',
                    'empty_mass' => '4',
                ],
            ],
            'yards.kinds.destroy' => fn (): array => [
                'DELETE',
                '/yards/kinds/'.
                BoxKindRow::query()->create([
                    'key' => 'own-test',
                    'name' => 'Own',
                    'frames' => 8,
                    'comb_area_dm2' => 5,
                    'inside_width_mm' => 300,
                    'external_height_mm' => 160,
                    'external_length_mm' => 400,
                    'external_width_mm' => 340,
                    'empty_mass_kg' => 4,
                ])->id,
                [],
            ],
            'yards.treatments.store' => fn (): array => [
                'POST',
                '/yards/ekbacken/treatments',
                ['what' => 'Mites, autumn', 'supers_off_by' => '2026-09-20', 'may_return' => '2026-10-20'],
            ],
            'yards.treatments.destroy' => fn (): array => [
                'DELETE',
                '/yards/treatments/'.Treatment::query()->value('id'),
                [],
            ],
            'yards.policy' => fn (): array => ['PUT', '/yards/ekbacken/policy', ['school' => 'refractometer']],
            'yards.harvests.store' => fn (): array => [
                'POST',
                '/yards/skolgarden/harvests',
                ['name' => 'Lime', 'starts_on' => '2026-07-01', 'ends_on' => '2026-08-07'],
            ],
            'yards.harvests.destroy' => fn (): array => [
                'DELETE',
                '/yards/harvests/'.HarvestPolicy::query()->value('id'),
                [],
            ],
            'yards.climate' => fn (): array => ['PUT', '/yards/ekbacken/climate', ['preset' => 'boreal']],
            'account.policy.update' => fn (): array => ['PUT', '/account/policy', self::POLICY],
            'account.operation' => fn (): array => [
                'PUT',
                '/account/operation-settings',
                [
                    'name' => 'Marjoram and sons',
                    'time_zone' => 'Europe/Stockholm',
                    'crew' => '3',
                    'escape_boards' => '12',
                    'fume_boards' => '1',
                    'demo_today' => '2026-08-04',
                ],
            ],
            'account.bin.restore' => function (): array {
                $bucket = Bucket::query()->firstOrFail();
                $bucket->delete();

                return ['POST', "/account/bin/bucket/$bucket->id", []];
            },
        ];
    }

    /** @return array<string, \Closure(): array{string, string, array<string, mixed>}> */
    private function calibrating(): array
    {
        $weighing = fn (): BoxWeighing => BoxWeighing::query()->create([
            'box_id' => $this->super('E1')->box_id,
            'kind' => 'langstroth-medium-10',
            'before_kg' => 16,
            'after_kg' => 6,
            'estimate_kg' => 12,
            'own_sd_kg' => 1,
            'weighed_on' => '2026-08-04',
        ]);

        return [
            'calibrate.weighings.store' => fn (): array => [
                'POST',
                '/calibrate/weighings',
                ['mark' => $this->super('E1')->box->mark, 'before' => '19', 'after' => '6.2'],
            ],
            'calibrate.weighings.destroy' => fn (): array => ['DELETE', '/calibrate/weighings/'.$weighing()->id, []],
            'calibrate.fill' => function () use ($weighing): array {
                $weighing();

                return ['PUT', '/calibrate/fill', ['kind' => 'langstroth-medium-10', 'take' => '1']];
            },
            'calibrate.instruments.store' => fn (): array => [
                'POST',
                '/calibrate/instruments',
                ['name' => 'Old glass', 'scale' => 'water', 'compensated' => '1'],
            ],
            'calibrate.instruments.check' => fn (): array => [
                'PUT',
                '/calibrate/instruments/'.Instrument::query()->value('id').'/check',
                ['known' => '18.0', 'readings' => '17.6 17.8 17.7', 'temperature' => '20'],
            ],
            'calibrate.instruments.destroy' => fn (): array => [
                'DELETE',
                '/calibrate/instruments/'.Instrument::query()->value('id'),
                [],
            ],
            'calibrate.winter' => fn (): array => ['PUT', '/calibrate/winter', ['take' => '1']],
            'practise.face.guess' => fn (): array => ['POST', '/practise', ['number' => '24', 'guess' => '40']],
            'practise.scale.guess' => fn (): array => ['POST', '/practise/scale', ['number' => '1', 'guess' => '17.4']],
            'practise.eye' => fn (): array => ['POST', '/practise/eye', []],
            'practise.eye.drop' => fn (): array => [
                'DELETE',
                '/practise/eye'.
                (Eye::query()->create([
                    'user_id' => User::query()->where('email', 'keeper@demo.example')->value('id'),
                    'offset' => 0.1,
                    'slope' => 0.9,
                    'tries' => 20,
                ])->exists
                    ? ''
                    : '?'),
                [],
            ],
        ];
    }

    private function yard(): Apiary
    {
        return Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
    }

    private function hive(string $code): Hive
    {
        return Hive::query()->where('code', $code)->firstOrFail();
    }

    private function super(string $code): BoxPlace
    {
        return BoxPlace::query()
            ->where('hive_id', $this->hive($code)->id)
            ->where('role', 'super')
            ->whereNull('until')
            ->with('box')
            ->orderBy('position')
            ->firstOrFail();
    }

    /** A box that has come off its hive. */
    private function offTheHive(string $code): string
    {
        $place = $this->super($code);
        $place->update(['until' => '2026-08-03']);

        return $place->box_id;
    }

    private function decision(string $stage): Decision
    {
        $place = $this->super('E1');

        return Decision::query()->create([
            'box_id' => $place->box_id,
            'hive_id' => $place->hive_id,
            'stage' => $stage,
            'choice' => 'stay',
            'frozen' => new FrozenClearing,
            'decided_at' => '2026-08-04 10:00:00',
        ]);
    }

    private function plan(): Clearing
    {
        $plan = Clearing::query()->create([
            'apiary_id' => $this->yard()->id,
            'method' => 'escape-board',
            'first_on' => '2026-08-03',
            'second_on' => '2026-08-04',
            'person_minutes' => 18,
            'frozen' => new FrozenClearing,
        ]);
        $place = $this->super('E1');
        $plan->items()->create(['hive_id' => $place->hive_id, 'box_id' => $place->box_id]);

        return $plan;
    }

    /** A schedule with one visit, locked; asked the day before: what is known today is something else. */
    private function schedule(): Schedule
    {
        $settings = new ScheduleSettings(
            8,
            array_fill(0, 7, 300),
            new Capacity(60.0, 90.0),
            20,
            seconds: 1,
            waiting: Waiting::Out,
        );
        $asked = app(QuestionReader::class)->ask($settings);
        $day = new DateTimeImmutable('2026-08-07');
        $visit = new Visit($this->yard()->id, count($asked->yards[0]->hives), Method::Brush, $day, $day);

        return Schedule::query()->create([
            'name' => 'R',
            'starts_on' => '2026-08-05',
            'settings' => $settings,
            'question' => new AskedRounds(
                new DateTimeImmutable('2026-08-03'),
                $asked->days,
                $asked->yards,
                $asked->left,
                $asked->travel,
                $asked->kit,
                $asked->crew,
                $asked->depot,
            ),
            'visits' => [$visit],
            'locks' => [$visit],
        ]);
    }
}
