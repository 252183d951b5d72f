<?php

declare(strict_types=1);

namespace Tests\Reference;

use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Density;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Lifting\Coupling;
use Marjoram\Core\Lifting\Lift;
use Marjoram\Core\Lifting\Lifting;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Moisture\Refractometry;
use Marjoram\Core\Moisture\Standards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Computations against values published outside the project; each names its source. */
final class PublishedTablesTest extends TestCase
{
    private const KG_PER_LB = 0.45359237;

    /** @return iterable<string, array{float, float}> */
    public static function refractiveIndices(): iterable
    {
        /** @var list<array{float, float}> $rows */
        $rows = require __DIR__.'/data/refractive-index-water.php';
        foreach ($rows as [$index, $water]) {
            yield "nD $index" => [$index, $water];
        }
    }

    /** Chataway (1932), Wedmore (1955), AOAC 969.38B; from memory. */
    #[DataProvider('refractiveIndices')]
    public function test_the_refractive_index_table_row_by_row(float $index, float $water): void
    {
        self::assertEqualsWithDelta(
            $water,
            (new Refractometry)->convert(new Reading(RefractometerScale::RefractiveIndex, $index))->waterPct,
            0.03,
        );
    }

    /** The Brix knots of the ICUMSA sucrose scale (from memory) through both tables: 80 Brix is nD 1.49071, so 18.3 % water. */
    public function test_brix_goes_through_the_refractive_index(): void
    {
        self::assertEqualsWithDelta(
            18.32,
            (new Refractometry)->convert(new Reading(RefractometerScale::Brix, 80.0))->waterPct,
            0.06,
        );
    }

    /** United States Standards for Grades of Extracted Honey, 1985; Codex CXS 12-1981, 3.4; from memory. */
    public function test_grades_and_limits(): void
    {
        self::assertSame(
            ['A or B', 'C', 'C', 'substandard'],
            array_map(Standards::usGrade(...), [18.6, 18.61, 20.0, 20.01]),
        );
        self::assertSame([20.0, 23.0], [Standards::codexLimitPct(false), Standards::codexLimitPct(true)]);
    }

    /** Lochhead (1933), Zentralblatt fuer Bakteriologie II 88; from memory: a class holds its upper bound. */
    #[TestWith([17.1, 'safe regardless of yeast count'])]
    #[TestWith([18.0, 'safe if yeast count is under 1000 per g'])]
    #[TestWith([19.0, 'safe if yeast count is under 10 per g'])]
    #[TestWith([20.0, 'safe if yeast count is under 1 per g'])]
    #[TestWith([20.1, 'always in danger'])]
    public function test_liability_to_ferment(float $water, string $words): void
    {
        self::assertSame($words, Standards::liabilityToFerment($water));
    }

    /** White (1975), in Crane, Honey: a comprehensive survey; from memory. */
    #[TestWith([13.0, 1.4457])]
    #[TestWith([17.0, 1.4237])]
    #[TestWith([21.0, 1.395])]
    #[TestWith([17.5, 1.4204])]
    public function test_density(float $water, float $density): void
    {
        self::assertEqualsWithDelta($density, (new Density)->kgPerLitre($water), 1e-9);
    }

    /**
     * "Loading punch press stock", Waters, Putz-Anderson, Garg, DHHS (NIOSH) 94-110, 1994; from memory. The
     * manual's US form (10 inches, 51 lb) and the metric one (25 cm, 23 kg) differ by up to 5 %.
     */
    public function test_the_worked_example_of_the_lifting_equation(): void
    {
        $inch = 2.54;
        $result = (new Lifting)->assess(
            new Lift(44 * self::KG_PER_LB, 15 * $inch, 63 * $inch, 23 * $inch, coupling: Coupling::Fair),
        );
        self::assertEqualsWithDelta(14.5, $result->limitKg / self::KG_PER_LB, 0.05 * 14.5);
        self::assertEqualsWithDelta(3.0, $result->index, 0.2);
        // The origin alone: the same lift set down where it was taken from, so that only the travel differs.
        $origin = 23.0 * (25 / (23 * $inch)) * (1 - 0.003 * abs(15 * $inch - 75)) * (0.82 + 4.5 / (48 * $inch)) * 0.95;
        self::assertEqualsWithDelta(16.3, $origin / self::KG_PER_LB, 0.05 * 16.3);
        self::assertGreaterThan($result->limitKg, $origin);
    }

    /** Frequency multipliers, 94-110 table 5; from memory. */
    #[TestWith([0.2, 1.0, 1.0])]
    #[TestWith([1.0, 1.0, 0.94])]
    #[TestWith([1.0, 2.0, 0.88])]
    #[TestWith([1.0, 8.0, 0.75])]
    public function test_the_frequency_of_lifting(float $perMinute, float $hours, float $multiplier): void
    {
        self::assertEqualsWithDelta(
            $multiplier,
            (new Lifting)->assess(new Lift(10.0, 75.0, 75.0, 25.0, 0.0, $perMinute, $hours, Coupling::Good))
                ->multipliers['f'],
            1e-9,
        );
    }

    /** Common practice: a full medium super of ten capped combs holds about 40 lb, a frame of it 3 to 4.5 lb, the box 47 lb or more. */
    public function test_a_full_medium_super(): void
    {
        $frames = array_map(
            static fn (int $slot): Frame => new Frame($slot, new Face(1.0), new Face(1.0)),
            range(1, 10),
        );
        $result = (new Comb)->honeyIn(new FittedBox(BoxKinds::get('langstroth-medium-10')), $frames);
        self::assertEqualsWithDelta(40.0, $result->honey->kg / self::KG_PER_LB, 4.0);
        self::assertEqualsWithDelta(3.75, $result->frames[0]->honeyKg() / self::KG_PER_LB, 0.75);
        self::assertGreaterThanOrEqual(47.0, $result->grossKg / self::KG_PER_LB);
    }
}
