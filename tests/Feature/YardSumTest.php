<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Overview\OverviewReader;
use App\Apiary\Overview\YardSum;
use App\Foundation\Cache\ScopeVersions;
use App\Models\Apiary;
use App\Pages\Account\PolicyChoice;
use Marjoram\Core\Comb\Face;

/** One number for one yard: what is ripe, what of it stays for winter, what may come off. */
final class YardSumTest extends FeatureTestCase
{
    use SmallOperation;

    public function test_assess_winter_and_clear_say_the_same_in_the_same_words(): void
    {
        $this->as('keeper')->demo();
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
        $this->as('keeper')->demo();
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

    /** What a choice would do is shown before it is saved, and is what it does when it is. */
    public function test_the_policy_shows_what_each_choice_means_before_it_is_saved(): void
    {
        $operation = $this->operation();
        $yard = $this->apiary();
        $faces = [new Face(0.8, 0.05), new Face(0.95, 0.0), new Face(0.75, 0.2)];
        foreach ($faces as $i => $face) {
            $this->seen($this->super($this->hive($yard, 'H'.$i, supers: 1), 1), $face, 17.4);
        }
        $this->get('/account/policy')
            ->assertSee('Calculate what each choice means for your hives')
            ->assertDontSee('may come off');
        $page = $this->get('/account/policy?means=1')->assertOk();
        $supposed = $this->means($page->viewData('winter')) + $this->means($page->viewData('ripeness'));
        self::assertCount(9, array_filter($supposed));
        self::assertStringContainsString('3 supers are ripe.', $supposed['capped-and-refractometer']);
        self::assertStringContainsString('fewer than now', $supposed['capped-only']);
        self::assertStringStartsWith('~0', $supposed['leave-all']);
        self::assertSame([], $operation->refresh()->policy, 'Nothing is saved.');
        foreach (['winter_school' => ['take-all', 'leave-all'], 'school' => ['capped-90']] as $option => $values) {
            foreach ($values as $value) {
                $operation->refresh()->update(['policy' => [$option => $value]]);
                app(ScopeVersions::class)->raise();
                $page = $this->get('/account/policy?means=1');
                $choices = $page->viewData($option === 'school' ? 'ripeness' : 'winter');
                $now = array_values(array_filter($choices, static fn (PolicyChoice $one): bool => $one->isPresent));
                self::assertSame([$value], array_column($now, 'value'));
                // The same but for how it compares.
                $plain = preg_replace('/ That is \d+ \w+ than now\./', '', $supposed[$value]);
                self::assertSame($plain, $now[0]->means);
            }
        }
    }

    /**
     * @param  list<PolicyChoice>  $choices
     * @return array<string, string>
     */
    private function means(array $choices): array
    {
        return array_column($choices, 'means', 'value');
    }
}
