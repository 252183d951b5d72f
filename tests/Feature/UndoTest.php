<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** Each write there is: it changes something, sent again it changes nothing more, and undo puts all back as it was. */
final class UndoTest extends FeatureTestCase
{
    /**
     * What undo is not for: a person's own settings, tokens and sign-in, members (added and removed by name), what only
     * starts or stops a search, and undo itself.
     */
    private const OWN = [
        'account.update',
        'account.password',
        'account.switch',
        'account.tokens.store',
        'account.tokens.destroy',
        'account.members.invite',
        'account.members.update',
        'account.invitations.destroy',
        'invitations.accept',
        'leave.destroy',
        'forgotten.send',
        'forgotten.change',
        'account.members.destroy',
        'clear.rounds.stop',
        // A file laid aside counts for nothing yet; a whole operation is taken back in its own test.
        'watch.scales.park',
        'compare.notes.park',
        'compare.in.back',
        // Keeps nothing; each tap of a batch is a write that stands here.
        'assess.notes.preview',
        'field.taps',
        'undo',
        'start.store',
        // Becomes an operation of its own, or fills an empty one, and has a way back of its own.
        'start.import',
        'sign-in',
        'sign-up.finish',
        'sign-up',
        'sign-out',
    ];

    /** Written over when something else is, or only for speed. */
    private const ASIDE = [
        'updated_at',
        'created_at',
        'deleted_at',
        'version',
        'alive',
        'policy_version',
        'open_box',
        'home',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        foreach (array_keys((new RouteCatalogue(new self('names')))->calls()) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('names')]
    public function test_a_write_is_done_once_and_taken_back_whole(string $name): void
    {
        [$method, $url, $data] = (new RouteCatalogue($this))->calls()[$name]();
        $before = $this->snapshot();
        $key = (string) Str::ulid();
        $answer = $this->send($method, $url, $data, $key);
        self::assertSame(
            303,
            $answer->getStatusCode(),
            (string) preg_replace('/\s+/', ' ', strip_tags((string) $answer->getContent())),
        );
        $after = $this->snapshot();
        self::assertNotSame($before, $after, 'it changes something');
        $this->send($method, $url, $data, $key)->assertStatus(303)->assertHeader('Idempotency-Replayed', 'true');
        self::assertSame($after, $this->snapshot(), 'sent twice it is done once');
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame($before, $this->snapshot(), 'undone it is as it was');
    }

    public function test_no_write_is_forgotten_here(): void
    {
        $names = array_map(
            static fn (Route $route): string => (string) $route->getName(),
            array_filter(
                iterator_to_array(Routes::getRoutes()),
                static fn (Route $route): bool => in_array('web', $route->gatherMiddleware(), true) &&
                    ! in_array('GET', $route->methods(), true) &&
                    ! str_starts_with($route->uri(), 'storage'),
            ),
        );
        $known = array_map(static fn (string $name): string => explode(' ', $name)[0], array_keys((new RouteCatalogue(new self('names')))->calls()));
        self::assertSame([], array_values(array_diff(array_filter($names), $known, self::OWN)));
    }

    /**
     * How many rows stand in every table of records and in the operations, with a sum of all their values: the database
     * adds them up, as reading a thousand rows four times a test took most of its time.
     *
     * @return array<string, string> by table
     */
    private function snapshot(): array
    {
        self::$sums ??= self::sums();
        $found = [];
        foreach (DB::select(self::$sums) as $table) {
            $found[(string) $table->name] = "$table->rows rows, $table->sum";
        }

        return $found;
    }

    private static ?string $sums = null;

    private static function sums(): string
    {
        $columns = [];
        $rows = DB::select(
            'select table_name as place, column_name as name from information_schema.columns'
                .' where table_schema = database() order by table_name, ordinal_position',
        );
        foreach ($rows as $row) {
            $columns[(string) $row->place][] = (string) $row->name;
        }
        $records = array_filter($columns, static fn (array $names): bool => in_array('deleted_at', $names, true));
        $queries = [];
        foreach ($records + ['operations' => $columns['operations']] as $table => $names) {
            $values = implode(', ', array_map(
                static fn (string $name): string => "coalesce(`$name`, '\\\\N')",
                array_diff($names, self::ASIDE),
            ));
            $queries[] = "select '$table' as name, count(*) as `rows`,"
                ." concat_ws(' ', bit_xor(crc32(concat_ws('|', $values))), sum(crc32(concat_ws('|', $values)))) as `sum`"
                ." from `$table`".(in_array('deleted_at', $names, true) ? ' where deleted_at is null' : '');
        }

        return implode(' union all ', $queries);
    }
}
