<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Models;
use App\Models\Role;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use Marjoram\Core\Json\Fields;

/** Every route, by role and by operation. */
final class AuthorisationTest extends FeatureTestCase
{
    private const OPEN = [
        'sign-in',
        'sign-up',
        'sign-out',
        'start.show',
        'start.store',
        'start.import',
        'start.import.show',
        'invitations.show',
        'invitations.accept',
        'places.index',
        'leave.show',
        'leave.destroy',
        'field',
        'field.manifest',
        'field.worker',
    ];

    /** Keep nothing themselves: each tap of a batch is a write of its own, asked for its rights and key. */
    private const KEYLESS = ['field.taps', 'assess.notes.preview'];

    public function test_every_route_asks_for_a_role_and_every_write_for_a_key(): void
    {
        $seen = 0;
        foreach ($this->routes() as $route) {
            $middleware = $route->gatherMiddleware();
            if (in_array($route->getName(), self::OPEN, true) || in_array('guest', $middleware, true)) {
                continue;
            }
            $seen++;
            self::assertContains('auth', $middleware, $route->uri());
            self::assertContains('operation', $middleware, $route->uri());
            self::assertNotSame([], preg_grep('/^can:(view|record|manage|own)$/', $middleware), $route->uri());
            self::assertSame(
                ! in_array('GET', $route->methods(), true) && ! in_array($route->getName(), self::KEYLESS, true),
                in_array('write', $middleware, true),
                $route->uri(),
            );
        }
        self::assertGreaterThan(60, $seen);
    }

    public function test_without_signing_in_nothing_is_shown(): void
    {
        foreach ($this->routes() as $route) {
            if (in_array('auth', $route->gatherMiddleware(), true)) {
                $answer = $this->call($route->methods()[0], $this->url($route), ['_key' => (string) Str::ulid()]);
                self::assertSame(302, $answer->getStatusCode(), $this->url($route));
                $answer->assertRedirect('/sign-in');
            }
        }
    }

    public function test_each_role_may_do_what_it_may_and_no_more(): void
    {
        // The records that addresses name are made once.
        $ids = $this->ids();
        foreach (['viewer' => Role::Viewer, 'helper' => Role::Helper, 'partner' => Role::Keeper] as $who => $role) {
            $this->as($who);
            foreach ($this->routes() as $route) {
                $ability = preg_filter('/^can:/', '', $route->gatherMiddleware());
                $ability = $ability === [] ? null : (string) current($ability);
                if ($ability === null || in_array($role, Role::ABILITIES[$ability], true)) {
                    continue;
                }
                $this->as($who)
                    ->call($route->methods()[0], $this->url($route, $ids), ['_key' => (string) Str::ulid()])
                    ->assertForbidden();
            }
        }
    }

    public function test_a_viewer_writes_nothing_however_valid_it_is(): void
    {
        $this->as('keeper')->demo();
        foreach ((new RouteCatalogue($this))->calls() as $name => $call) {
            $status = $this->tried(function () use ($call): int {
                $this->as('keeper');
                [$method, $url, $fields] = $call();

                return $this->as('viewer')->send($method, $url, $fields)->getStatusCode();
            });
            self::assertSame(403, $status, $name);
        }
    }

    public function test_a_viewer_reads_every_page_that_needs_no_record(): void
    {
        $this->as('viewer');
        foreach ($this->routes() as $route) {
            if (
                in_array('GET', $route->methods(), true) &&
                in_array('can:view', $route->gatherMiddleware(), true) &&
                ! str_contains($route->uri(), '{') &&
                ! in_array($route->getName(), ['yards.find', 'field.in'], true)
            ) {
                $this->get($route->uri())->assertOk();
            }
        }
    }

    public function test_records_of_another_operation_are_not_found(): void
    {
        $ids = $this->ids();
        $stranger = $this->stranger();
        $tried = 0;
        foreach ($this->routes() as $route) {
            preg_match_all('/\{(\w+)/', $route->uri(), $names);
            $needed = array_diff($names[1], ['slot', 'membership', 'token', 'invitation', 'secret', 'kind', 'id', 'name', 'day']);
            if ($needed === [] || array_diff($needed, array_keys($ids)) !== []) {
                continue;
            }
            $parameters = ['slot' => 1] + array_intersect_key($ids, array_flip($needed));
            if (isset($parameters['hive']) && str_contains((string) $route->uri(), '{apiary}')) {
                $parameters['hive'] = 'E1';
            }
            $url = route((string) $route->getName(), array_intersect_key($parameters, array_flip($names[1])), false);
            $this->actingAs($stranger)
                ->call($route->methods()[0], $url, ['_key' => (string) Str::ulid()])
                ->assertNotFound();
            $tried++;
        }
        self::assertGreaterThan(35, $tried);
    }

    public function test_ids_of_another_operation_in_a_form_are_not_taken(): void
    {
        $this->demo();
        $foreign = Models\Box::query()->whereDoesntHave('place')->value('id') ?? Models\Box::query()->value('id');
        app(CurrentOperation::class)->leave();
        $this->actingAs($this->stranger());
        app(CurrentOperation::class)->enter(
            Models\Operation::query()->where('name', 'Strangers')->firstOrFail(),
            Role::Owner,
        );
        $hive = Models\Hive::query()->firstOrFail();
        $this->send('POST', "/yards/hives/$hive->id/boxes", ['box' => $foreign, 'role' => 'super'])->assertStatus(422);
    }

    private function load(): Models\ExtractorLoad
    {
        return Models\ExtractorLoad::query()->create([
            'number' => 1,
            'slots' => 4,
            'celsius' => 30,
            'water_pct' => 17.5,
            'loaded_at' => '2026-08-04 10:00:00',
        ]);
    }

    /** @return array<string, string> a record of the demo for each parameter of a route */
    private function ids(): array
    {
        $this->demo();
        $place = Models\BoxPlace::query()->whereNull('until')->firstOrFail();
        $plan = \App\Models\Clearing::query()->create([
            'apiary_id' => Models\Apiary::query()->value('id'),
            'method' => 'brush',
            'first_on' => '2026-08-05',
            'person_minutes' => 18,
            'frozen' => new Models\FrozenClearing,
        ]);
        $ids = [
            'apiary' => Models\Apiary::query()->value('slug'),
            'hive' => Models\Hive::query()->value('id'),
            'box' => Models\Box::query()->value('id'),
            'lot' => Models\Lot::query()->value('id'),
            'bucket' => Models\Bucket::query()->value('id'),
            'super' => Models\TakenSuper::query()->value('id'),
            'load' => $this->load()->id,
            'batch' => Models\Batch::query()->value('id'),
            'fill' => Models\JarFill::query()->value('id'),
            'pour' => Models\Pour::query()->value('id'),
            'bucketKind' => Models\BucketKind::query()->value('id'),
            'jarKind' => Models\JarKind::query()->value('id'),
            'sign' => Models\FlowSign::query()->value('id'),
            'weight' => Models\ScaleWeight::query()->value('id'),
            'bloom' => Models\Bloom::query()->value('id'),
            'hiveScale' => $scale = Models\HiveScale::query()->value('id'),
            'scaleImport' => Models\ScaleImport::query()->create([
                'hive_scale_id' => $scale,
                'file_name' => 'a.csv',
                'readings' => 1,
                'first_at' => '2026-07-01 12:00:00',
                'last_at' => '2026-07-01 12:00:00',
            ])->id,
            'queenMark' => Models\QueenMark::query()->firstOrCreate(
                ['queen_id' => Models\Queen::query()->value('id')],
                ['mark' => 'watch'],
            )->id,
            'yieldImport' => Models\YieldImport::query()->create(['file_name' => 'a.csv', 'rows' => 0])->id,
            'season' => '2025',
            'note' => Models\HiveNote::query()->create([
                'hive_id' => Models\Hive::query()->value('id'),
                'what' => 'note',
                'noted_at' => '2026-08-04 10:00:00',
            ])->id,
            'frame' => Models\FrameLook::query()->value('id'),
            'reading' => Models\MoistureReading::query()->value('id'),
            'look' => Models\WinterLook::query()->value('id'),
            'queen' => Models\Queen::query()->value('id'),
            'fact' => Models\ColonyFact::query()->value('id'),
            'treatment' => Models\Treatment::query()->value('id'),
            'hiveWeighing' => Models\HiveWeighing::query()->value('id'),
            'feeding' => Models\Feeding::query()->value('id'),
            'day' => '2026-08-06',
            'schedule' => Models\Schedule::query()->create([
                'name' => 'R',
                'starts_on' => '2026-08-05',
                'settings' => new Models\Schedules\ScheduleSettings,
                'question' => Models\Schedules\AskedRounds::from(new Fields([])),
            ])->id,
            'calendarLink' => Models\CalendarLink::query()->create([
                'user_id' => User::query()->value('id'),
                'name' => 'phone',
                'token_hash' => hash('sha256', (string) Str::ulid()),
            ])->id,
            'weatherDay' => Models\WeatherDay::query()->value('id'),
            'followUp' => Models\FollowUp::query()->create([
                'apiary_id' => Models\Apiary::query()->value('id'),
                'what' => 'space',
                'due_on' => '2026-08-09',
            ])->id,
            'instrument' => Models\Instrument::query()->value('id'),
            'harvestPolicy' => Models\HarvestPolicy::query()->value('id'),
            'weighing' => Models\BoxWeighing::query()->create([
                'box_id' => $place->box_id,
                'kind' => 'langstroth-medium-10',
                'before_kg' => 16,
                'after_kg' => 6,
                'estimate_kg' => 10,
                'own_sd_kg' => 1,
                'weighed_on' => '2026-08-04',
            ])->id,
            'clearing' => $plan->id,
            'item' => $plan->items()->create(['hive_id' => $place->hive_id, 'box_id' => $place->box_id])->id,
            'decision' => Models\Decision::query()->create([
                'box_id' => $place->box_id,
                'hive_id' => $place->hive_id,
                'stage' => 'assess',
                'choice' => 'stay',
                'frozen' => [],
                'decided_at' => '2026-08-04 10:00:00',
            ])->id,
        ];
        $kind = Models\BoxKindRow::query()->firstOrCreate(
            ['key' => 'own-test'],
            [
                'name' => 'Own',
                'frames' => 8,
                'comb_area_dm2' => 5,
                'inside_width_mm' => 300,
                'external_height_mm' => 160,
                'external_length_mm' => 400,
                'external_width_mm' => 340,
                'empty_mass_kg' => 4,
            ],
        );
        app(CurrentOperation::class)->leave();

        return array_map(strval(...), $ids) + [
            'slot' => '1',
            'membership' => '1',
            'token' => '1',
            'invitation' => '1',
            'secret' => str_repeat('x', 40),
            'kind' => $kind->id,
            'id' => '1',
        ];
    }

    /** An owner of an operation of their own. */
    private function stranger(): User
    {
        $user = User::query()->create([
            'name' => 'Stranger',
            'email' => 'stranger@demo.example',
            'password' => 'a-long-password',
        ]);
        $operation = Models\Operation::query()->create([
            'name' => 'Strangers',
            'time_zone' => 'UTC',
            'policy' => [],
            'latitude' => 50,
        ]);
        $operation->memberships()->create(['user_id' => $user->id, 'role' => Role::Owner]);
        app(CurrentOperation::class)->enter($operation, Role::Owner);
        $apiary = Models\Apiary::query()->create([
            'name' => 'Away',
            'slug' => 'away',
            'letter' => 'A',
            'latitude' => 50,
            'longitude' => 10,
            'climate' => array_fill(0, 12, 8.0),
        ]);
        $stand = Models\Stand::query()->create(['apiary_id' => $apiary->id, 'number' => 1]);
        Models\Hive::query()->create(['stand_id' => $stand->id, 'code' => 'A1']);
        app(CurrentOperation::class)->leave();

        return $user;
    }

    /** @return list<Route> of the application's web pages */
    private function routes(): array
    {
        return array_values(
            array_filter(
                iterator_to_array(Routes::getRoutes()),
                static fn (Route $route): bool => in_array('web', $route->gatherMiddleware(), true) &&
                    ! str_starts_with($route->uri(), 'storage'),
            ),
        );
    }

    /** @param  array<string, string>  $ids */
    private function url(Route $route, array $ids = []): string
    {
        return '/'.
            preg_replace_callback(
                '/\{(\w+)[^}]*\}/',
                static fn (array $name): string => $ids[$name[1]] ?? match ($name[1]) {
                    'day' => '2026-08-06',
                    'secret' => str_repeat('x', 40),
                    default => '1',
                },
                $route->uri(),
            );
    }
}
