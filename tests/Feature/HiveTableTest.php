<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\Box;
use App\Models\Hive;
use App\Models\Queen;
use Illuminate\Http\UploadedFile;

/** Many hives from a table: shown as it was understood, made in one write, undone as one. */
final class HiveTableTest extends FeatureTestCase
{
    use SmallOperation;

    protected function setUp(): void
    {
        parent::setUp();
        $this->operation();
        $this->apiary('Lime Row');
    }

    public function test_sixty_hives_in_eight_yards_with_their_queens(): void
    {
        $lines = ["Code\tYard\tLatitude\tLongitude\tBrood boxes\tBrood kind\tSupers\tQueen\tYear\tLine\tMother"];
        foreach (range(1, 60) as $n) {
            $yard = $n <= 7 ? 'Lime Row' : 'Yard '.intdiv($n, 8);
            $place = $n <= 7 ? "\t" : "55.{$n}\t13.4";
            $lines[] = "h$n\t$yard\t$place\t2\tLangstroth deep, 10 frames\t3\tR-$n\t2025\tB4\t".($n > 1 ? 'R-1' : '');
        }
        $table = ['table' => implode("\r\n", $lines)];
        $this->send('POST', '/yards/table', $table)
            ->assertOk()
            ->assertSee('Create these 60 hives')
            ->assertSee('2 × Langstroth deep, 10 frames');
        self::assertSame(0, Hive::query()->count(), 'Shown, not made.');
        $this->send('POST', '/yards/table', $table + ['sure' => '1'])->assertStatus(303);
        self::assertSame([60, 8, 60], [Hive::query()->count(), Apiary::query()->count(), Queen::query()->count()]);
        self::assertSame(300, Box::query()->count());
        $hive = Hive::query()->where('code', 'H42')->with('colony.queen.mother')->firstOrFail();
        self::assertSame(['R-42', 'B4', 2025], [$hive->colony?->queen?->code, $hive->colony?->queen?->line, $hive->colony?->queen?->year]);
        self::assertSame('R-1', $hive->colony?->queen?->mother?->code);
        self::assertCount(8, Apiary::query()->pluck('letter')->unique());
        $this->get('/yards')->assertOk();
        $this->send('POST', '/undo')->assertStatus(303);
        self::assertSame([0, 1, 0], [Hive::query()->count(), Apiary::query()->count(), Queen::query()->count()]);
    }

    public function test_each_line_says_what_is_wrong_with_it_and_nothing_is_made(): void
    {
        $bad = <<<'CSV'
            hive;yard;supers;year;super kind
            L1;Lime Row;2;2025;
            L1;Lime Row;2;2025;
            L 2;Lime Row;two;1999;
            L3;Elsewhere;2;;Giant
            ;;;;
            CSV;
        $this->send('POST', '/yards/table', ['table' => $bad, 'sure' => '1'])
            ->assertOk()
            ->assertSee('Line 3 (L1): Hive L1 exists already.')
            ->assertSee('Line 4 (L 2): A code has 1 to 12 letters')
            ->assertSee('"two" under supers; allowed: 0 to 8.')
            ->assertSee('"1999" under year; allowed: 2000 to 2100.')
            ->assertSee('Yard Elsewhere does not exist')
            ->assertSee('The box kind "Giant" is not known')
            ->assertDontSee('Create these');
        foreach (['' => 422, "a;b\n1;2" => 200, 'code;yard' => 200, "code\nL1" => 200] as $text => $status) {
            $this->send('POST', '/yards/table', ['table' => (string) $text, 'sure' => '1'], from: '/yards/table')
                ->assertStatus($status);
        }
        $this->send('POST', '/yards/table', ['table' => "code;yard\n".str_repeat("X;Lime Row\n", 501)])
            ->assertSee('at most 500 can be added at a time');
        self::assertSame(0, Hive::query()->count());
    }

    public function test_a_file_of_another_alphabet_is_read_too(): void
    {
        $csv = (string) mb_convert_encoding("code,yard,line\nÅ1,Lime Row,Grön", 'Windows-1252', 'UTF-8');
        $file = UploadedFile::fake()->createWithContent('hives.csv', $csv);
        $this->from('/yards/table')
            ->post('/yards/table', ['_key' => (string) \Illuminate\Support\Str::ulid(), 'file' => $file, 'table' => ''])
            ->assertOk()
            ->assertSee('Å1')
            ->assertSee('Grön');
    }
}
