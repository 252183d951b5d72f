<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Server\Photographs;
use App\Models\Hive;
use App\Models\HiveNote;
use App\Models\ImportState;
use App\Models\Instrument;
use App\Models\Operation;
use App\Models\OperationImport;
use App\Models\Queen;
use App\Models\Role;
use App\Models\TakenVerdict;
use App\Models\User;
use App\Transfer\JsonSource;
use App\Transfer\PackageSource;
use App\Transfer\ReadIn;
use App\Transfer\Unreadable;
use App\Transfer\WholeDocument;
use App\Transfer\WholeImport;
use App\Transfer\WholePackage;
use App\Transfer\WholeTables;
use Closure;
use Database\Factories\HiveFactory;
use Database\Factories\TakenSuperFactory;
use Database\Factories\UserFactory;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Json\Fields;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Depth;
use ZipArchive;

/** A whole operation leaves in open formats and comes in again: all of it, or nothing and why. */
final class WholeOperationTest extends FeatureTestCase
{
    use SmallOperation;

    /** Of a small operation, for what is tried with it many times. */
    private static ?string $small = null;

    public function test_the_whole_demo_goes_out_and_in_the_same_to_the_last_field(): void
    {
        $this->demo();
        $this->assertComesBack($this->document());
    }

    public function test_an_operation_of_hundreds_of_hives_comes_back_too(): void
    {
        app(DemoSeeder::class)->large(Depth::of(10, 30));
        $this->demo('Large demo');
        $this->assertComesBack($this->document());
    }

    public function test_the_package_holds_the_photographs_and_no_formula_that_a_spreadsheet_runs(): void
    {
        $this->demo();
        $photograph = self::photograph();
        Hive::query()->firstOrFail()->update(['notes' => '=HYPERLINK("http://evil.example")']);
        Hive::query()->skip(1)->firstOrFail()->update(['notes' => "'quoted' and \\N"]);
        $before = $this->document();
        self::assertStringContainsString('"sha256":"'.hash('sha256', $photograph).'"', $before);
        $path = app(WholePackage::class)->write();
        $zip = new ZipArchive;
        $zip->open($path);
        self::assertSame($photograph, $zip->getFromName('photographs/'.hash('sha256', $photograph).'.jpg'));
        self::assertStringContainsString('"\'=HYPERLINK', (string) $zip->getFromName('data/hives.csv'));
        $zip->close();
        $this->enterEmpty();
        $read = app(WholeImport::class)->read(new PackageSource($path));
        unlink($path);
        self::assertGreaterThan(1000, $read->records);
        self::assertSame([1, 0], [$read->photographs, $read->missing]);
        $here = (string) DB::table('hive_photos')
            ->join('hive_notes', 'hive_notes.id', '=', 'hive_photos.hive_note_id')
            ->where('operation_id', app(CurrentOperation::class)->id())
            ->value('sha256');
        $size = getimagesizefromstring((string) Photographs::read($here));
        self::assertSame([40, 30], [$size[0] ?? 0, $size[1] ?? 0]);
        $after = str_replace($here, hash('sha256', $photograph), $this->document());
        self::assertSame(self::plain($before), self::plain($after));
    }

    public function test_a_document_names_photographs_and_says_that_it_does_not_hold_them(): void
    {
        $this->demo();
        self::photograph();
        $document = $this->document();
        $this->enterEmpty();
        $read = $this->readIn($document);
        self::assertSame([0, 1], [$read->photographs, $read->missing]);
        // As an earlier version wrote it, with the picture in its row.
        $old = json_decode($document, true);
        $old['version'] = 1;
        unset($old['tables']['hive_photos'][0]['sha256']);
        $old['tables']['hive_photos'][0]['jpeg'] = base64_encode(self::jpeg());
        $this->enterEmpty();
        self::assertSame(1, $this->readIn((string) json_encode($old))->photographs);
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

    public function test_a_person_without_an_operation_brings_one_in(): void
    {
        $this->small();
        self::photograph();
        $path = app(WholePackage::class)->write();
        $file = UploadedFile::fake()->createWithContent('whole.zip', (string) file_get_contents($path));
        unlink($path);
        $person = UserFactory::new()->createOne();
        assert($person instanceof User);
        $this->actingAs($person)->get('/start')->assertOk()->assertSee('Bring a whole operation');
        $answer = $this->send('POST', '/start/import', ['whole' => $file, 'into' => 'new'])->assertStatus(303);
        $this->get((string) $answer->headers->get('Location'))
            ->assertOk()
            ->assertSee('records are imported')
            ->assertSee('1 photograph is imported');
        $this->get('/')->assertOk()->assertSee('Lime Row');
        $this->get('/assess/lime-row/L1')->assertOk();
        $this->get('/honey-room')->assertOk();
        $this->get('/compare/queens')->assertOk();
        $this->get('/compare/out')->assertSee('Undo the import');
        self::assertSame(Role::Owner, $person->memberships()->firstOrFail()->role);
        $this->as('partner')->get((string) $answer->headers->get('Location'))->assertNotFound();
    }

    public function test_into_an_operation_that_is_empty_but_for_its_untouched_first_yard_and_back(): void
    {
        $this->small();
        $document = $this->document();
        // A file is moved away when it is taken.
        $bring = static fn (): array => [
            'whole' => UploadedFile::fake()->createWithContent('whole.json', $document),
            'into' => 'this',
        ];
        $this->as('keeper')->send('POST', '/start/import', $bring(), from: '/compare/out')->assertStatus(422);
        $this->as('helper')->send('POST', '/start/import', $bring())->assertForbidden();
        $person = UserFactory::new()->createOne();
        assert($person instanceof User);
        $this->actingAs($person)->send('POST', '/start', [
            'operation' => 'Fresh',
            'time_zone' => 'UTC',
            'name' => 'Hill',
            'letter' => 'H',
            'latitude' => '50',
            'longitude' => '8',
            'hives' => '2',
            'brood_boxes' => '1',
            'brood_kind' => 'langstroth-deep-10',
            'supers' => '1',
            'super_kind' => 'langstroth-medium-10',
        ])->assertStatus(303);
        $operation = $person->memberships()->firstOrFail()->operation_id;
        $this->get('/compare/out')->assertOk()->assertSee('Import the file');
        $this->send('POST', '/start/import', $bring())->assertStatus(303);
        $yards = fn (): array => DB::table('apiaries')->where('operation_id', $operation)->orderBy('position')->pluck('name')->all();
        self::assertSame(['Lime Row'], $yards());
        $this->send('DELETE', '/compare/in/whole')->assertStatus(303);
        self::assertSame([], $yards());
        $this->send('POST', '/start/import', $bring())->assertStatus(303);
        $this->travel(1)->minutes();
        $queen = DB::table('queens')->where('operation_id', $operation)->value('id');
        $this->send('PUT', "/compare/queens/$queen/mark", ['mark' => 'watch'])->assertStatus(303);
        $this->send('DELETE', '/compare/in/whole', from: '/compare/out')->assertStatus(422);
        self::assertCount(1, $yards());
    }

    /** @return iterable<string, array{Closure(array<string, mixed>): mixed, string}> */
    public static function wrong(): iterable
    {
        $with = static fn (string $table, string $column, mixed $value): Closure => static function (array $it) use ($table, $column, $value): array {
            $it['tables'][$table][0][$column] = $value;

            return $it;
        };
        $setting = static fn (string $name, mixed $value): Closure => static function (array $it) use ($name, $value): array {
            $it['operation'][$name] = $value;

            return $it;
        };
        yield 'no JSON' => [static fn (array $it): string => '{"format":', 'not the JSON'];
        yield 'something after it' => [static fn (array $it): string => json_encode($it).'x', 'not the JSON'];
        yield 'no object' => [static fn (array $it): string => '[1,2]', 'not the JSON of a whole operation'];
        yield 'another format' => [static fn (array $it): array => ['format' => 'x'] + $it, 'not a whole operation'];
        yield 'a version to come' => [static fn (array $it): array => ['version' => 9] + $it, 'version 9'];
        yield 'a table that is no list' => [static fn (array $it): array => ['tables' => ['hives' => 'none']] + $it, 'hives is not a list'];
        yield 'a row that is none' => [static fn (array $it): array => ['tables' => ['hives' => [7]]] + $it, 'row 0 of hives cannot be read'];
        yield 'an id twice' => [static function (array $it): array {
            $it['tables']['hives'][1]['id'] = $it['tables']['hives'][0]['id'];

            return $it;
        }, 'twice'];
        yield 'a column less' => [static function (array $it): array {
            unset($it['tables']['queens'][0]['line']);

            return $it;
        }, 'queens, 0, line: the value is missing'];
        yield 'a row without an id' => [$with('hives', 'id', null), 'a row of hives has no id'];
        yield 'a parent that is not there' => [$with('hives', 'stand_id', '01arz3ndektsv4rrffq69g5fav'), 'refers to is not in the file'];
        yield 'a parent of another table' => [static function (array $it): array {
            $it['tables']['hives'][0]['stand_id'] = $it['tables']['apiaries'][0]['id'];

            return $it;
        }, 'hives, 0, stand_id: the record it refers to is not in the file'];
        yield 'words for a number' => [$with('apiaries', 'latitude', 'north'), 'apiaries, 0, latitude: "north" is not a number'];
        yield 'a place beyond the poles' => [$with('apiaries', 'latitude', 91), 'apiaries, 0, latitude'];
        yield 'a climate of three months' => [$with('apiaries', 'climate', '[1,2,3]'), 'apiaries, 0, climate'];
        yield 'a climate of words' => [$with('apiaries', 'climate', json_encode(array_fill(0, 12, 'warm'))), 'climate'];
        yield 'a climate of an oven' => [$with('apiaries', 'climate', json_encode(array_fill(0, 12, 200))), 'climate'];
        yield 'an address with a slash' => [$with('apiaries', 'slug', '../../account'), 'apiaries, 0, slug'];
        yield 'a policy that is none' => [$with('apiaries', 'policy', '{"school":["x"]}'), 'apiaries, 0, policy'];
        yield 'a kind that nobody knows' => [$with('boxes', 'kind', 'bathtub'), 'boxes, 0, kind'];
        yield 'a box of no frames' => [$with('boxes', 'frames_fitted', 0), 'boxes, 0, frames_fitted'];
        yield 'a box of 200 frames' => [$with('boxes', 'frames_fitted', 200), 'boxes, 0, frames_fitted'];
        yield 'a face of 400 per cent' => [$with('frame_looks', 'a_capped', 4), 'frame_looks, 0, a_capped'];
        yield 'a day that is none' => [$with('harvests', 'taken_on', '2026-02-31'), 'harvests, 0, taken_on'];
        yield 'a day of another age' => [$with('harvests', 'taken_on', '0001-01-01'), 'harvests, 0, taken_on'];
        yield 'a season of another age' => [$with('harvests', 'season', 9999), 'harvests, 0, season'];
        yield 'a code of two lines' => [$with('hives', 'code', "E1\nE2"), 'hives, 0, code'];
        yield 'a list for a value' => [$with('hives', 'code', ['E1']), 'hives, 0, code'];
        yield 'an instrument at any host' => [$with('instruments', 'address', 'http://evil.example/x'), 'instruments, 0, address'];
        yield 'a word that is not known' => [$with('taken_supers', 'station', 'moon'), 'is not known'];
        yield 'a weight that no column holds' => [$with('taken_supers', 'estimate_kg', 1e9), 'taken_supers, 0, estimate_kg'];
        yield 'a frozen value that is no JSON' => [$with('taken_supers', 'frozen', 'x'), 'taken_supers, 0, frozen'];
        yield 'a zone of nowhere' => [$setting('time_zone', 'Mars/Olympus'), 'operation, time_zone'];
        yield 'a kit of words' => [$setting('kit', '{"escape_boards":"many"}'), 'operation, kit'];
        yield 'a policy of words' => [$setting('policy', '{"water_max_pct":"wet"}'), 'operation, policy'];
        yield 'a confidence of a million' => [$setting('policy', '{"confidence":1000000}'), 'operation, policy'];
        yield 'a crew of none' => [$setting('crew', 0), 'operation, crew'];
        yield 'an operation beyond the poles' => [$setting('latitude', -90), 'operation, latitude'];
    }

    /** @param  Closure(array<string, mixed>): mixed  $spoil */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_and_nothing_is_kept(Closure $spoil, string $why): void
    {
        if (self::$small === null) {
            $this->small();
            self::$small = $this->document();
        }
        $document = json_decode(self::$small, true);
        self::assertIsArray($document);
        $spoiled = $spoil($document);
        $empty = $this->enterEmpty();
        DB::beginTransaction();
        try {
            $this->readIn(is_string($spoiled) ? $spoiled : (string) json_encode($spoiled));
            self::fail('It was read in.');
        } catch (Unreadable $refusal) {
            self::assertStringContainsString($why, $refusal->getMessage());
        } finally {
            DB::rollBack();
        }
        self::assertSame(0, DB::table('apiaries')->where('operation_id', $empty->id)->count());
    }

    public function test_a_daughter_may_stand_before_her_mother_and_a_table_before_what_it_refers_to(): void
    {
        $this->small();
        $document = json_decode($before = $this->document(), true);
        $document['tables']['queens'] = array_reverse($document['tables']['queens']);
        $document['tables'] = array_reverse($document['tables']);
        $this->enterEmpty();
        $this->readIn((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        self::assertSame(self::plain($before), self::plain($this->document()));
    }

    public function test_a_refusal_is_said_on_its_page_and_leaves_no_operation_behind(): void
    {
        $person = UserFactory::new()->createOne();
        assert($person instanceof User);
        $file = UploadedFile::fake()->createWithContent('x.json', '{"format":"x"}');
        $answer = $this->actingAs($person)->send('POST', '/start/import', ['whole' => $file])->assertStatus(303);
        $this->get((string) $answer->headers->get('Location'))
            ->assertOk()
            ->assertSee('Nothing was imported')
            ->assertSee('Choose another file');
        self::assertSame(ImportState::Refused, OperationImport::query()->firstOrFail()->state);
        self::assertSame(0, $person->memberships()->count());
    }

    public function test_a_page_that_does_not_open_with_the_records_is_a_refusal(): void
    {
        $this->small();
        $document = json_decode($this->document(), true);
        // Each fits its column; what pages read of it is another question.
        foreach ($document['tables']['taken_supers'] as $n => $row) {
            $document['tables']['taken_supers'][$n]['frozen'] = '{"reasons":7,"verdict":[],"fill_factor":{},"grams":"x"}';
        }
        $person = UserFactory::new()->createOne();
        assert($person instanceof User);
        $file = UploadedFile::fake()->createWithContent('x.json', (string) json_encode($document));
        $this->actingAs($person)->send('POST', '/start/import', ['whole' => $file])->assertStatus(303);
        $import = OperationImport::query()->firstOrFail();
        // Whatever was decided, none of its pages may fail.
        if ($import->state === ImportState::Done) {
            $this->get('/')->assertOk();
            $this->get('/account')->assertOk();
        } else {
            self::assertStringContainsString('does not open', (string) $import->reason);
        }
    }

    public function test_sizes_are_asked_before_anything_is_unpacked(): void
    {
        $this->small();
        $path = app(WholePackage::class)->write();
        $zip = new ZipArchive;
        $zip->open($path);
        $zip->addFromString('data/hives.csv', str_repeat('0', 201_000_000));
        $zip->close();
        self::assertLessThan(3_000_000, filesize($path));
        $before = memory_get_peak_usage();
        $this->assertRefused(static fn () => new PackageSource($path), 'larger than 200 MB unpacked');
        self::assertLessThan($before + 20_000_000, memory_get_peak_usage());
        $zip->open($path);
        $zip->deleteName('data/hives.csv');
        $zip->addFromString('photographs/'.str_repeat('a', 64).'.jpg', 'GIF89a');
        $zip->addFromString('data/hive_photos.csv', "hive_note_id,sha256\n01arz3ndektsv4rrffq69g5fav,".str_repeat('a', 64)."\n");
        $zip->close();
        $this->enterEmpty();
        $this->assertRefused(static fn () => app(WholeImport::class)->read(new PackageSource($path)), 'is not a JPEG');
        file_put_contents($path, 'PK');
        $this->assertRefused(static fn () => new PackageSource($path), 'not a ZIP');
        unlink($path);
    }

    /** A yard of three hives with something of most kinds. */
    private function small(): void
    {
        $this->operation();
        $yard = $this->apiary();
        foreach ([1, 2, 3] as $n) {
            $hive = HiveFactory::new()->in($yard, "L$n")->stacked(1, 2)->queened("B4-2$n", 'B4', 2024)->createOne();
            assert($hive instanceof Hive);
            $this->seen($this->super($hive, 1), new Face(0.9, 0.1), 17.2);
            TakenSuperFactory::new()->of($hive, 2025)->weighed(10.0 + $n)->createOne(['frozen' => TakenVerdict::from(Fields::of(['fill_factor' => 1.0]))]);
        }
        [$mother, $daughter] = Queen::query()->orderBy('id')->limit(2)->get()->all();
        $daughter->update(['mother_id' => $mother->id]);
        Instrument::query()->create(['name' => 'Glass', 'scale' => 'nd', 'compensated' => true, 'offset' => 0]);
    }

    private function assertRefused(Closure $read, string $why): void
    {
        try {
            $read();
            self::fail('It was read in.');
        } catch (Unreadable $refusal) {
            self::assertStringContainsString($why, $refusal->getMessage());
        }
    }

    private function assertComesBack(string $before): void
    {
        $this->enterEmpty();
        $this->readIn($before);
        self::assertSame(self::plain($before), self::plain($this->document()));
    }

    private function readIn(string $document): ReadIn
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'whole');
        file_put_contents($path, $document);
        try {
            return app(WholeImport::class)->read(new JsonSource($path, array_keys(app(WholeTables::class)->all())));
        } finally {
            unlink($path);
        }
    }

    private static function jpeg(): string
    {
        ob_start();
        imagejpeg(imagecreatetruecolor(40, 30));

        return (string) ob_get_clean();
    }

    private static function photograph(): string
    {
        $note = HiveNote::keep(Hive::query()->firstOrFail()->id, null, 'photo', 'the nest', now()->toDateTimeImmutable());
        DB::table('hive_photos')->insert(['hive_note_id' => $note->id, 'sha256' => Photographs::store(self::jpeg())]);

        return self::jpeg();
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
