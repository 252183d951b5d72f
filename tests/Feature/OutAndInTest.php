<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Compare\Out\JsonSource;
use App\Compare\Out\PackageSource;
use App\Compare\Out\Unreadable;
use App\Compare\Out\WholeDocument;
use App\Compare\Out\WholeImport;
use App\Compare\Out\WholePackage;
use App\Models\Hive;
use App\Models\HiveNote;
use App\Models\Operation;
use App\Models\PastYield;
use App\Models\Queen;
use App\Models\Role;
use App\Models\User;
use App\Operation\CurrentOperation;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Opis\JsonSchema\Validator;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;

/** What leaves in open formats, and what comes in again. */
final class OutAndInTest extends FeatureTestCase
{
    private static ?string $demo = null;

    public function test_the_whole_demo_goes_out_and_in_the_same_to_the_last_field(): void
    {
        $this->demo();
        $this->assertComesBack($this->document());
    }

    public function test_an_operation_of_three_hundred_hives_comes_back_too(): void
    {
        app(DemoSeeder::class)->large();
        $this->demo('Large demo');
        ini_set('memory_limit', '1500M');
        $this->assertComesBack($this->document());
    }

    public function test_the_tables_come_in_as_the_document_does(): void
    {
        $this->demo();
        self::photograph();
        self::assertStringContainsString(base64_encode("\xff\xd8\x00,\"\n\xff\xd9"), $this->document());
        $before = $this->document();
        $path = app(WholePackage::class)->write();
        $this->enterEmpty();
        $count = app(WholeImport::class)->read(new PackageSource($path));
        unlink($path);
        self::assertGreaterThan(1000, $count);
        self::assertSame(self::plain($before), self::plain($this->document()));
    }

    public function test_it_keeps_its_schema(): void
    {
        $this->demo();
        $schema = (string) json_encode(app(WholeDocument::class)->schema());
        $validator = new Validator;
        $result = $validator->validate(json_decode($this->document()), json_decode($schema));
        self::assertTrue($result->isValid(), (string) $result->error()?->message());
        self::assertStringNotContainsString('token_hash', $schema);
        self::assertStringNotContainsString('password', $this->document());
    }

    public function test_through_the_pages_into_an_empty_operation_and_back(): void
    {
        $this->demo();
        self::photograph();
        $file = UploadedFile::fake()->createWithContent('whole.json', $this->document());
        $this->as('keeper');
        $this->send('POST', '/compare/in/whole', ['whole' => $file], from: '/compare/out')->assertStatus(422);
        $empty = $this->enterEmpty();
        User::query()->where('email', 'keeper@demo.example')->update(['current_operation_id' => $empty->id]);
        $this->as('keeper');
        $this->get('/compare/out')->assertOk()->assertSee('Read one in');
        $limits = [ini_get('memory_limit'), ini_get('max_execution_time')];
        $this->send('POST', '/compare/in/whole', ['whole' => $file])->assertStatus(303);
        self::assertSame($limits, [ini_get('memory_limit'), ini_get('max_execution_time')], 'Nothing may be lowered.');
        $this->get('/')->assertOk()->assertSee('Ekbacken');
        $this->get('/assess/ekbacken/E3')->assertOk();
        $this->get('/honey-room')->assertOk();
        $this->get('/compare/queens')->assertOk();
        $this->get('/compare/out')->assertSee('empty it again');
        $this->send('DELETE', '/compare/in/whole')->assertStatus(303);
        self::assertSame(0, DB::table('hives')->where('operation_id', $empty->id)->count());
        self::assertSame(1, DB::table('hive_photos')->count(), 'That of the demo.');
        $this->send('POST', '/compare/in/whole', ['whole' => $file])->assertStatus(303);
        $this->travel(1)->minutes();
        $queen = DB::table('queens')->where('operation_id', $empty->id)->value('id');
        $this->send('PUT', "/compare/queens/$queen/mark", ['mark' => 'watch'])->assertStatus(303);
        $this->send('DELETE', '/compare/in/whole', from: '/compare/out')->assertStatus(422);
        self::assertGreaterThan(20, DB::table('hives')->where('operation_id', $empty->id)->count());
    }

    /** @return iterable<string, array{\Closure(array<string, mixed>): mixed, string}> */
    public static function wrong(): iterable
    {
        yield 'no JSON' => [static fn (array $it): string => '{"format":', 'no JSON'];
        yield 'another format' => [static fn (array $it): array => ['format' => 'x'] + $it, 'no whole operation'];
        yield 'a version to come' => [static fn (array $it): array => ['version' => 9] + $it, 'version 9'];
        yield 'a row without an id' => [static function (array $it): array {
            unset($it['tables']['hives'][0]['id']);

            return $it;
        }, 'a row of hives has no id'];
        yield 'an id twice' => [static function (array $it): array {
            $it['tables']['hives'][1]['id'] = $it['tables']['hives'][0]['id'];

            return $it;
        }, 'twice'];
        yield 'a parent that is not there' => [static function (array $it): array {
            $it['tables']['hives'][0]['stand_id'] = '01arz3ndektsv4rrffq69g5fav';

            return $it;
        }, 'refers to is not in it'];
        yield 'words for a number' => [static function (array $it): array {
            $it['tables']['apiaries'][0]['latitude'] = 'north';

            return $it;
        }, 'apiaries, 0, latitude: "north" is no number'];
        yield 'a word that is not known' => [static function (array $it): array {
            $it['tables']['taken_supers'][0]['station'] = 'moon';

            return $it;
        }, 'is not known'];
        yield 'a column less' => [static function (array $it): array {
            unset($it['tables']['queens'][0]['line']);

            return $it;
        }, 'queens, 0, line: it is missing'];
        yield 'a zone of nowhere' => [static function (array $it): array {
            $it['operation']['time_zone'] = 'Mars/Olympus';

            return $it;
        }, 'no time zone'];
    }

    /** @param  \Closure(array<string, mixed>): mixed  $spoil */
    #[\PHPUnit\Framework\Attributes\DataProvider('wrong')]
    public function test_what_is_wrong_is_said_and_nothing_is_kept(\Closure $spoil, string $why): void
    {
        $this->demo();
        // The demo is the same for all of them.
        $document = json_decode(self::$demo ??= $this->document(), true);
        self::assertIsArray($document);
        $spoiled = $spoil($document);
        $empty = $this->enterEmpty();
        DB::beginTransaction();
        try {
            app(WholeImport::class)->read(new JsonSource(is_string($spoiled) ? $spoiled : (string) json_encode($spoiled)));
            self::fail('It was read in.');
        } catch (Unreadable $refusal) {
            self::assertStringContainsString($why, $refusal->getMessage());
        } finally {
            DB::rollBack();
        }
        self::assertSame(0, DB::table('apiaries')->where('operation_id', $empty->id)->count());
    }

    public function test_the_workbook_the_map_and_the_report_open(): void
    {
        $this->demo();
        $this->as('viewer');
        $path = (string) tempnam(sys_get_temp_dir(), 'x');
        file_put_contents($path, $this->get('/compare/out/yields.xlsx')->assertOk()->streamedContent());
        $book = IOFactory::createReader('Xlsx')->load($path);
        unlink($path);
        self::assertSame(['Hives', 'Yards', 'Queens', 'Next year\'s queens'], $book->getSheetNames());
        self::assertSame('hive', $book->getSheet(0)->getCell('B1')->getValue());
        self::assertGreaterThan(100, $book->getSheet(0)->getHighestDataRow());
        $queens = $this->get('/compare/out/table?of=queens&as=csv')->assertOk()->streamedContent();
        self::assertStringStartsWith('queen,line,year,mother', $queens);
        $this->get('/compare/out/table?of=yards&as=xlsx')->assertOk();
        $this->get('/compare/out/table?of=users&as=csv')->assertNotFound();
        $map = $this->get('/compare/out/yards.geojson')->assertOk()->json();
        self::assertCount(4, $map['features']);
        self::assertEqualsWithDelta(55.842, $map['features'][0]['geometry']['coordinates'][1], 1e-6);
        $pdf = $this->get('/compare/out/season-2025.pdf')->assertOk();
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        $this->get('/compare/out/season-1999.pdf')->assertNotFound();
        $this->get('/compare/out/operation.json')->assertForbidden();
    }

    public function test_earlier_yields_from_a_sheet_stand_in_compare(): void
    {
        $this->demo();
        $this->as('keeper');
        $sheet = "Kupa;År;Skörd kg;Drottning\nE1;2018;21,5;L2-17\nE2;2018;0;\ne3;2019;1.234,5;\nE4;20;7;\nE1;2025;99;\n";
        $answer = $this->send('POST', '/compare/notes/file', [
            'file' => UploadedFile::fake()->createWithContent('gammalt.csv', $sheet),
        ])->assertStatus(303);
        $page = $this->get((string) $answer->headers->get('Location'))->assertOk();
        $page->assertSee('3 yields would be read in')->assertSee('a hive gives 0 to 400 kg')->assertSee('no season up to 2026');
        parse_str((string) parse_url((string) $answer->headers->get('Location'), PHP_URL_QUERY), $query);
        $this->send('POST', '/compare/notes', ['file' => $query['file']])->assertStatus(303);
        self::assertSame(3, PastYield::query()->count());
        $this->get('/compare?season=2018')->assertOk()->assertSee('E1')->assertSee('2018');
        $csv = $this->get('/compare.csv')->streamedContent();
        self::assertStringContainsString('Ekbacken,E1,2018,L2-17,,0,0,21.5,0,noted', $csv);
        // What was taken here stands over it.
        self::assertStringNotContainsString('E1,2025,,', $csv);
        self::assertStringNotContainsString(',99,', $csv);
    }

    public function test_a_workbook_is_read_as_a_text_is_and_no_further_than_a_keeper_writes(): void
    {
        $this->demo();
        $this->as('keeper');
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet();
        $sheet->fromArray([['Hive', 'Year', 'kg'], ['E1', 2019, 21.5], ['E2', 2019, 18]]);
        $sheet->setCellValue('C4', '=SUM(C2:C3)');
        $sheet->setCellValue('A9000', 'far');
        $path = (string) tempnam(sys_get_temp_dir(), 'book');
        (new Xlsx($book))->save($path);
        $answer = $this->send('POST', '/compare/notes/file', [
            'file' => UploadedFile::fake()->createWithContent('years.xlsx', (string) file_get_contents($path)),
        ])->assertStatus(303);
        unlink($path);
        $this->get((string) $answer->headers->get('Location'))
            ->assertOk()
            ->assertSee('2 yields would be read in')
            ->assertSee('Line 4: no hive')
            ->assertDontSee('Line 9000');
        $this->send('POST', '/compare/notes/file', [
            'file' => UploadedFile::fake()->createWithContent('broken.xlsx', "PK\x03\x04 nothing"),
        ], from: '/compare/out')->assertStatus(422);
    }

    public function test_marks_are_seen_and_planned_with(): void
    {
        $this->demo();
        $this->as('keeper');
        $queens = Queen::query()
            ->join('colonies', 'colonies.queen_id', '=', 'queens.id')
            ->join('hives', 'hives.id', '=', 'colonies.hive_id')
            ->whereIn('hives.code', ['E3', 'T1', 'N2'])
            ->orderBy('hives.code')
            ->get(['queens.*', 'hives.code as hive']);
        [$good, $old, $gone] = [$queens[0], $queens[1], $queens[2]];
        $this->send('PUT', "/compare/queens/$good->id/mark", ['mark' => 'breed', 'daughters' => '3', 'reason' => 'calm']);
        $this->send('PUT', "/compare/queens/$old->id/mark", ['mark' => 'replace', 'reason' => 'swarms']);
        $this->get('/assess/ekbacken')->assertOk()->assertSee('qmark', false)->assertSee('breed from');
        $plan = $this->get('/compare/plan')->assertOk();
        $plan->assertSee('3 hives get another queen')->assertSee("3 daughters of $good->code")->assertSee('swarms');
        $csv = $this->get('/compare/plan.csv')->streamedContent();
        self::assertSame(4, substr_count($csv, "\n"));
        self::assertStringContainsString($old->code, $csv);
        // A queen is not her own foremother.
        $this->send('PUT', "/compare/queens/$gone->id/mother", ['mother' => $good->id])->assertStatus(303);
        $this->send('PUT', "/compare/queens/$good->id/mother", ['mother' => $gone->id], from: "/compare/queens/$good->id")
            ->assertStatus(422);
        $this->get("/compare/queens/$good->id")->assertOk()->assertSee($gone->code);
    }

    private function assertComesBack(string $before): void
    {
        $this->enterEmpty();
        app(WholeImport::class)->read(new JsonSource($before));
        self::assertSame(self::plain($before), self::plain($this->document()));
    }

    /** Any bytes, also such as are no text. */
    private static function photograph(): void
    {
        $note = HiveNote::keep(Hive::query()->firstOrFail()->id, null, 'photo', 'the nest', now()->toDateTimeImmutable());
        DB::table('hive_photos')->insert(['hive_note_id' => $note->id, 'jpeg' => "\xff\xd8\x00,\"\n\xff\xd9"]);
    }

    private function document(): string
    {
        $out = fopen('php://temp', 'r+');
        assert($out !== false);
        app(WholeDocument::class)->write($out);

        return (string) stream_get_contents($out, offset: 0);
    }

    private function enterEmpty(): Operation
    {
        $empty = Operation::query()->create([
            'name' => 'Empty',
            'time_zone' => 'UTC',
            'latitude' => 10.0,
            'policy' => [],
            'kit' => DB::table('operations')->value('kit') === null ? [] : Operation::query()->firstOrFail()->kit,
        ]);
        $keeper = User::query()->where('email', 'keeper@demo.example')->firstOrFail();
        foreach (User::query()->get() as $user) {
            $empty->memberships()->create(['user_id' => $user->id, 'role' => $user->is($keeper) ? Role::Owner : Role::Keeper]);
        }
        $this->actingAs($keeper);
        app(CurrentOperation::class)->enter($empty, Role::Owner);

        return $empty;
    }

    /** Ids by the order in which they first stand there; when it was written left out. */
    private static function plain(string $document): string
    {
        $seen = [];
        $text = preg_replace('/"written_at":"[^"]+",/', '', $document);

        return md5((string) preg_replace_callback(
            '/\b[0-7][0-9a-hjkmnp-tv-z]{25}\b/i',
            static function (array $found) use (&$seen): string {
                return '#'.($seen[strtolower($found[0])] ??= count($seen));
            },
            (string) $text,
        ));
    }
}
