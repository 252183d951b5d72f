<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Overview\OverviewReader;
use App\Apiary\Overview\YardSum;
use App\Models\Apiary;

/** One number for one yard: what is ripe, what of it stays for winter, what may come off. */
final class YardSumTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_assess_winter_and_clear_say_the_same_in_the_same_words(): void
    {
        $said = 0;
        foreach (Apiary::query()->orderBy('position')->get() as $apiary) {
            $words = app(YardSum::class)->words($apiary);
            $said += str_contains($words, 'may come off') ? 1 : 0;
            foreach (['assess', 'winter', 'clear'] as $page) {
                $this->get("/$page/$apiary->slug")->assertOk()->assertSee($words)->assertSee('What stays:');
            }
        }
        self::assertGreaterThan(1, $said);
    }

    public function test_the_parts_make_the_whole_and_follow_what_stays(): void
    {
        $yard = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        $sum = function () use ($yard): array {
            $of = app(OverviewReader::class)->of($yard);

            return [$of->ripe()->kg, $of->ripeThatStays()->kg, $of->mayComeOff()->kg];
        };
        [$ripe, $stays, $off] = $sum();
        self::assertEqualsWithDelta($ripe, $stays + $off, 1e-9);
        self::assertGreaterThan(0.0, $off);
        $operation = $this->demo();
        $operation->adopt(['winter_school' => 'leave-all'] + $operation->policy);
        self::assertEqualsWithDelta([$ripe, $ripe, 0.0], $sum(), 1e-9);
        $this->get('/clear/ekbacken')->assertSee('0')->assertSee('leave all, take the rest in spring');
    }
}
