<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Writes\Record;
use App\Foundation\Writes\RecordKinds;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\FlowSign;
use App\Models\Hive;
use App\Models\HiveWeighing;
use App\Models\Operation;
use App\Models\Queen;
use App\Models\Role;
use App\Models\ScaleWeight;
use App\Models\Scopes;
use App\Models\Treatment;
use App\Pages\Desk\ReadAhead;
use App\Pages\Desk\SummaryReader;
use Closure;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Comb\Face;

/** A write makes again what depends on it, and nothing else. */
final class ScopeVersionsTest extends FeatureTestCase
{
    use SmallOperation;

    private Apiary $yard;

    private Apiary $other;

    private Hive $hive;

    private Hive $neighbour;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation();
        [$this->yard, $this->other] = [$this->apiary('Lime Row'), $this->apiary('Heath')];
        [$this->hive, $this->neighbour] = [$this->hive($this->yard, 'L1'), $this->hive($this->yard, 'L2')];
        app(ScopeVersions::class)->raise();
        Cache::flush();
    }

    public function test_a_look_bears_on_its_hive_and_yard_alone(): void
    {
        self::assertSame(
            [Scopes::hive($this->hive->id), Scopes::yard($this->yard->id)],
            $this->raised(fn () => $this->seen($this->super($this->hive, 1), new Face(0.9, 0.1), 17.0)),
        );
    }

    public function test_a_box_put_on_bears_on_the_hive_it_comes_to(): void
    {
        $place = BoxPlace::query()->where('hive_id', $this->neighbour->id)->firstOrFail();
        // Its hive may stand on a scale: a box is no flow.
        self::assertSame(
            [Scopes::flow($this->yard->id), Scopes::hive($this->neighbour->id), Scopes::yard($this->yard->id)],
            $this->raised(fn () => $place->update(['until' => '2026-08-04'])),
        );
    }

    public function test_a_hive_that_moves_bears_on_the_yard_it_leaves_and_the_one_it_comes_to(): void
    {
        $there = $this->hive($this->other, 'H1')->stand;
        $raised = $this->raised(fn () => $this->hive->update(['stand_id' => $there->id]));
        self::assertContains(Scopes::yard($this->yard->id), $raised);
        self::assertContains(Scopes::yard($this->other->id), $raised);
        self::assertNotContains(ScopeVersions::EVERYWHERE, $raised);
    }

    public function test_scale_signs_weighings_and_treatments(): void
    {
        $weight = ['apiary_id' => $this->yard->id, 'at' => '2026-08-03 20:00', 'kg' => 41.2];
        self::assertEqualsCanonicalizing(
            [Scopes::flow($this->yard->id), Scopes::WEIGHTS],
            $this->raised(fn () => ScaleWeight::query()->create($weight)),
        );
        $sign = [
            'apiary_id' => $this->yard->id,
            'sign' => 'new-wax',
            'result' => 'seen',
            'seen_at' => '2026-08-03 20:00',
        ];
        self::assertSame(
            [Scopes::flow($this->yard->id)],
            $this->raised(fn () => FlowSign::query()->create($sign)),
        );
        $weighing = [
            'hive_id' => $this->hive->id,
            'weighed_on' => '2026-08-03',
            'how' => 'whole',
            'readings' => [42.0],
            'reading_sd_kg' => 0.5,
            'tare_kg' => 30.0,
            'stores_kg' => 12.0,
            'stores_sd_kg' => 1.0,
            'frames_of_bees' => 8,
        ];
        self::assertContains(
            Scopes::hive($this->hive->id),
            $this->raised(fn () => HiveWeighing::query()->create($weighing)),
        );
        $treatment = ['apiary_id' => $this->yard->id, 'what' => 'As its label says', 'supers_off_by' => '2026-08-20'];
        self::assertSame(
            [Scopes::yard($this->yard->id)],
            $this->raised(fn () => Treatment::query()->create($treatment)),
        );
    }

    public function test_what_bears_on_everything_and_what_on_nothing_that_is_kept(): void
    {
        $operation = Operation::query()->findOrFail(app(CurrentOperation::class)->get()->id);
        self::assertSame([ScopeVersions::EVERYWHERE], $this->raised(fn () => $operation->update(['dry_room' => true])));
        self::assertSame(
            [ScopeVersions::EVERYWHERE],
            $this->raised(fn () => $this->yard->update(['climate_sd' => 2.5])),
        );
        self::assertSame([ScopeVersions::ELSEWHERE], $this->raised(static fn () => null));
    }

    public function test_only_what_was_touched_is_made_anew(): void
    {
        $made = [];
        $ids = [$this->hive->id, $this->neighbour->id];
        $read = function () use (&$made, $ids): void {
            app(OperationCache::class)->ofHives($this->yard->id, 'test', $ids, 'same', function (array $stale) use (&$made): array {
                $made[] = $stale;

                return array_combine($stale, $stale);
            });
        };
        $this->asNextRequest($read);
        $this->asNextRequest($read);
        self::assertSame([$ids], $made, 'Read twice, made once.');
        $this->raised(fn () => $this->seen($this->super($this->hive, 1), new Face(0.5)));
        $this->asNextRequest($read);
        self::assertSame([$ids, [$this->hive->id]], $made);
        $this->raised(fn () => $this->hive($this->other, 'H1'));
        $this->asNextRequest($read);
        self::assertCount(2, $made, 'Another yard.');
    }

    public function test_what_a_request_has_changed_itself_is_not_kept(): void
    {
        $made = 0;
        $read = function () use (&$made): int {
            return app(OperationCache::class)->of('test', [Scopes::yard($this->yard->id)], function () use (&$made): int {
                return ++$made;
            });
        };
        self::assertSame([1, 1], [$read(), $read()]);
        $this->seen($this->super($this->hive, 1), new Face(0.5));
        self::assertSame([2, 3], [$read(), $read()], 'Its writes may yet be taken back.');
        app(ScopeVersions::class)->raise();
        self::assertSame([4, 4], [$read(), $read()]);
    }

    public function test_one_entry_takes_the_place_of_the_older_one(): void
    {
        $read = fn (string $context): string => app(OperationCache::class)->of(
            'test',
            [Scopes::yard($this->yard->id)],
            static fn (): string => $context,
            $context,
        );
        self::assertSame(['a', 'b', 'a'], [$read('a'), $read('b'), $read('a')]);
    }

    public function test_a_kind_of_record_says_what_it_bears_on(): void
    {
        foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
            $class = 'App\\Models\\'.basename($file, '.php');
            if (is_subclass_of($class, Record::class)) {
                self::assertContains($class, RecordKinds::classes());
            }
        }
        foreach (config('records.kinds') as [$class, $scopes]) {
            self::assertIsCallable($scopes, $class);
        }
    }

    public function test_a_worker_reads_ahead_what_a_write_has_touched(): void
    {
        Bus::fake();
        config(['queue.default' => 'database']);
        $box = $this->super($this->hive, 1);
        $this->send('POST', "/assess/boxes/$box->id/readings", ['scale' => 'water', 'value' => '17.2']);
        $operation = app(CurrentOperation::class)->get();
        Bus::assertDispatched(ReadAhead::class, fn (ReadAhead $job): bool => $job->operation === $operation->id);
        $this->send('POST', "/assess/boxes/$box->id/readings", ['scale' => 'water', 'value' => 'wet'])->assertStatus(422);
        Bus::assertDispatchedTimes(ReadAhead::class, 1);
        app()->forgetScopedInstances();
        app()->call([new ReadAhead($operation->id), 'handle']);
        app()->forgetScopedInstances();
        app(CurrentOperation::class)->enter($operation, Role::Owner);
        DB::enableQueryLog();
        app(SummaryReader::class)->read();
        self::assertCount(1, DB::getQueryLog(), 'The revisions: all else is at hand.');
    }

    public function test_each_operation_has_numbers_of_its_own(): void
    {
        $here = app(ScopeVersions::class)->of(Scopes::WEIGHTS);
        $this->operation(['name' => 'Another']);
        $yard = $this->apiary('Elsewhere');
        $weight = ['apiary_id' => $yard->id, 'at' => '2026-08-03 20:00', 'kg' => 41.2];
        $this->raised(static fn () => ScaleWeight::query()->create($weight));
        $operation = Operation::query()->findOrFail($this->yard->operation_id);
        app()->forgetScopedInstances();
        app(CurrentOperation::class)->enter($operation, null);
        self::assertSame($here, app(ScopeVersions::class)->of(Scopes::WEIGHTS));
    }

    public function test_a_queen_bears_on_what_shows_her(): void
    {
        $queen = Queen::query()->create(['code' => '24-17', 'line' => 'Ask', 'year' => 2024]);
        app(ScopeVersions::class)->raise();
        self::assertNotSame([ScopeVersions::ELSEWHERE], $this->raised(fn () => $queen->update(['code' => '24-18'])));
    }

    /**
     * @param  Closure(): mixed  $write
     * @return list<string> scopes whose number rose
     */
    private function raised(Closure $write): array
    {
        $before = $this->numbers();
        $write();
        app(ScopeVersions::class)->raise();

        return array_keys(array_diff_assoc($this->numbers(), $before));
    }

    /** @return array<string, int> by scope */
    private function numbers(): array
    {
        return DB::table('revisions')
            ->where('operation_id', app(CurrentOperation::class)->id())
            ->orderBy('scope')
            ->pluck('number', 'scope')
            ->all();
    }

    /** @param  Closure(): void  $read */
    private function asNextRequest(Closure $read): void
    {
        $operation = app(CurrentOperation::class)->get();
        app()->forgetScopedInstances();
        app(CurrentOperation::class)->enter($operation, null);
        $read();
    }
}
