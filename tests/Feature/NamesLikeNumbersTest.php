<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Apiary;
use App\Models\HarvestPolicy;
use App\Models\PastYield;
use App\Models\User;
use App\Models\YieldImport;
use App\Transfer\EveryPage;
use App\Transfer\WholeDocument;
use Database\Factories\HiveFactory;
use Database\Factories\TakenSuperFactory;
use Marjoram\Core\Comb\Face;

/** Yards, hives, queens, kinds and jars may be called 12, 007 or 1e3: a key of an array must not make a number of them. */
final class NamesLikeNumbersTest extends FeatureTestCase
{
    use SmallOperation;

    private const NAMES = ['12', '007', '1e3'];

    public function test_every_page_opens_with_names_that_look_like_numbers(): void
    {
        $this->operation();
        $this->send('POST', '/yards/kinds', [
            'name' => '12',
            'frames' => '10',
            'comb_length' => '400',
            'comb_height' => '200',
            'inside_width' => '380',
            'external_height' => '170',
            'external_length' => '500',
            'external_width' => '420',
            'empty_mass' => '6',
        ])->assertStatus(303);
        $this->send('POST', '/honey-room/equipment/buckets', ['name' => '12', 'tare' => '0.8', 'holds' => '20']);
        $this->send('POST', '/honey-room/equipment/jars', ['name' => '12', 'net_g' => '500', 'stock' => '100']);
        foreach (self::NAMES as $n => $name) {
            $yard = $this->apiary($name);
            $hive = HiveFactory::new()->in($yard, strtoupper("{$n}".$name))->stacked(1, 2)->queened("$name$n", $name, 2025)->createOne();
            $other = HiveFactory::new()->in($yard, (string) (20 + $n))->stacked(1, 2)->queened((string) (70 + $n), '12', 2024)->createOne();
            $this->seen($this->super($hive, 1), new Face(0.9, 0.1), 17.2);
            TakenSuperFactory::new()->of($hive, 2026)->weighed(12.0)->createOne();
            TakenSuperFactory::new()->of($other, 2025)->weighed(9.0)->createOne();
            HarvestPolicy::query()->create([
                'apiary_id' => $yard->id,
                'name' => $name,
                'starts_on' => '2026-07-01',
                'ends_on' => '2026-08-30',
                'heather' => false,
            ]);
        }
        $import = YieldImport::query()->create(['file_name' => '12', 'rows' => 6]);
        foreach ([2023, 2024, 2025] as $season) {
            foreach (self::NAMES as $n => $name) {
                foreach ([1, 2] as $hive) {
                    PastYield::query()->create([
                        'yield_import_id' => $import->id,
                        'yard' => $name,
                        'hive' => "9$hive$n",
                        'season' => $season,
                        'queen' => (string) (10 * $hive + $n),
                        'kg' => 10.0 + $hive + $n,
                    ]);
                }
            }
        }
        $person = auth()->user();
        assert($person instanceof User);
        app(EveryPage::class)->check($person);
        foreach (Apiary::query()->get() as $yard) {
            $this->get("/compare?yard=$yard->slug")->assertOk();
        }
        foreach (['20', '012', '21'] as $code) {
            $this->get("/yards/find?code=$code")->assertRedirect();
        }
        foreach (['hives', 'yards', 'queens', 'plan'] as $table) {
            self::assertNotSame('', $this->get("/compare/out/table?of=$table&as=csv")->assertOk()->streamedContent());
        }
        $this->get('/compare/out/yields.xlsx')->assertOk();
        $this->get('/compare/out/season-2025.pdf')->assertOk();
        $this->get('/compare/out/season-2024.pdf')->assertOk();
        $this->get('/compare?season=2024')->assertOk()->assertSee('007');
        $out = fopen('php://temp', 'r+');
        assert($out !== false);
        app(WholeDocument::class)->write($out);
        self::assertGreaterThan(1000, ftell($out));
    }

    public function test_programs_may_name_them_so_too(): void
    {
        $this->operation();
        $records = [];
        foreach (['12', '007', '1e3'] as $yard) {
            foreach (['7', '08'] as $hive) {
                foreach ([2024, 2025] as $season) {
                    $records[] = ['hive' => "$yard$hive", 'apiary' => $yard, 'season' => $season, 'queen' => $hive, 'kg' => 20.5];
                }
            }
        }
        $this->ask('yields', ['records' => $records]);
        $this->ask('allot', [
            'supers' => [
                ['id' => '12', 'hive' => '7', 'estimate_kg' => 10, 'sd_own_kg' => 1],
                ['id' => '13', 'hive' => '08', 'estimate_kg' => 12, 'sd_own_kg' => 1],
            ],
            'buckets' => [['gross_kg' => 21, 'tare_kg' => 1]],
        ]);
        $boxes = [['id' => '12', 'honey_kg' => 8, 'role' => 'brood'], ['id' => '13', 'honey_kg' => 9, 'role' => 'super']];
        $this->ask('reserve', [
            'colony' => ['frames_of_bees' => 9],
            'winter' => ['from' => '2026-10-01', 'first_flow' => '2027-04-20'],
            'climate' => ['monthly_mean_c' => array_fill(0, 12, 6)],
            'boxes' => $boxes,
        ]);
    }

    /** @param  array<string, mixed>  $input */
    private function ask(string $name, array $input): void
    {
        $this->withToken(User::query()->firstOrFail()->createToken('x')->plainTextToken)
            ->postJson("/api/v1/calc/$name", $input)
            ->assertOk();
    }
}
