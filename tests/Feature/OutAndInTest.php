<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PastYield;
use App\Models\Queen;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;

/** Tables that leave in open formats, and earlier yields that come in. */
final class OutAndInTest extends FeatureTestCase
{
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
        $page->assertSee('3 yields would be added')->assertSee('a hive gives 0 to 400 kg')->assertSee('no season up to 2026');
        parse_str((string) parse_url((string) $answer->headers->get('Location'), PHP_URL_QUERY), $query);
        $this->send('POST', '/compare/notes', ['file' => $query['file']])->assertStatus(303);
        self::assertSame(3, PastYield::query()->count());
        $this->get('/compare?season=2018')->assertOk()->assertSee('E1')->assertSee('2018');
        $csv = $this->get('/compare.csv')->streamedContent();
        self::assertStringContainsString('Ekbacken,E1,2018,L2-17,,0,0,21.5,0,entered', $csv);
        // What was taken here stands over it.
        self::assertStringNotContainsString('E1,2025,,', $csv);
        self::assertStringNotContainsString(',99,', $csv);
    }

    public function test_the_notebook_is_pasted_or_typed_hives_down_and_years_across(): void
    {
        $this->demo();
        $this->as('keeper');
        $shown = function (array $sent): TestResponse {
            $answer = $this->send('POST', '/compare/notes/file', $sent)->assertStatus(303);

            return $this->get((string) $answer->headers->get('Location'))->assertOk();
        };
        $pasted = "Hive\t2017\t2018\nT1\t20\t21,5\nOLD7\t\t12\n";
        $shown(['table' => $pasted])
            ->assertSee('3 yields would be added')
            ->assertSeeInOrder(['Tegelbruket', 'T1', '2017'])
            ->assertSee('No such hive stands in your yards now: OLD7. It is added as a past hive.');
        $pounds = str_replace('Hive', 'Hive (lb)', $pasted);
        $shown(['table' => $pounds])->assertSee("9.1\u{202F}kg");
        $this->get('/compare/notes/grid')->assertOk()->assertSee('aria-label="Hive T1, 2025"', false);
        $page = $shown(['cells' => ['T1' => ['2019' => '18.5', '2020' => ''], 'N2' => ['2019' => '9']]]);
        $page->assertSee('2 yields would be added')->assertSee('Norra Heden')->assertDontSee('No such hive');
        preg_match('/name="file" value="([^"]+)"/', (string) $page->getContent(), $key);
        $this->send('POST', '/compare/notes', ['file' => $key[1] ?? ''])->assertStatus(303);
        self::assertSame(
            ['N2' => 'Norra Heden', 'T1' => 'Tegelbruket'],
            PastYield::query()->where('season', 2019)->orderBy('hive')->pluck('yard', 'hive')->all(),
        );
        $this->followingRedirects()->send('POST', '/undo')->assertSee('2 yields of your notebook added');
        self::assertSame(0, PastYield::query()->count());
        foreach ([[], ['table' => ''], ['table' => 'nothing'], ['cells' => ['T1' => ['2019' => '']]], ['cells' => 'x']] as $none) {
            $this->send('POST', '/compare/notes/file', $none, from: '/compare/out')->assertStatus(422);
        }
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
            ->assertSee('2 yields would be added')
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
        $plan->assertSee('3 hives get a new queen')->assertSee("3 daughters of $good->code")->assertSee('swarms');
        $csv = $this->get('/compare/plan.csv')->streamedContent();
        self::assertSame(4, substr_count($csv, "\n"));
        self::assertStringContainsString($old->code, $csv);
        // A queen is not her own foremother.
        $this->send('PUT', "/compare/queens/$gone->id/mother", ['mother' => $good->id])->assertStatus(303);
        $this->send('PUT', "/compare/queens/$good->id/mother", ['mother' => $gone->id], from: "/compare/queens/$good->id")
            ->assertStatus(422);
        $this->get("/compare/queens/$good->id")->assertOk()->assertSee($gone->code);
    }
}
