<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\BoxPlace;
use App\Models\FlowSign;
use App\Models\Hive;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use App\Models\WeatherDay;
use Database\Factories\ApiaryFactory;
use Database\Factories\AssessmentFactory;
use Database\Factories\HiveFactory;
use Database\Factories\OperationFactory;
use Database\Factories\UserFactory;
use Marjoram\Core\Comb\Face;

/** An operation with as little in it as a test needs, entered by its keeper. */
trait SmallOperation
{
    /** The operation's clock is set to a day, YYYY-MM-DD. */
    private function itIs(string $day): void
    {
        $operation = app(CurrentOperation::class)->get();
        $operation->update(['demo_today' => $day]);
        app(CurrentOperation::class)->enter($operation->refresh(), Role::Owner);
    }

    /** @param  array<string, mixed>  $with */
    private function operation(array $with = [], Role $role = Role::Owner): Operation
    {
        $keeper = UserFactory::new()->createOne();
        assert($keeper instanceof User);
        $operation = OperationFactory::new($with)->entered($keeper, $role)->createOne();
        assert($operation instanceof Operation);
        $this->actingAs($keeper);

        return $operation;
    }

    private function apiary(string $name = 'Lime Row'): Apiary
    {
        $apiary = ApiaryFactory::new()->named($name)->createOne();
        assert($apiary instanceof Apiary);

        return $apiary;
    }

    private function hive(Apiary $apiary, string $code, int $supers = 2, int $brood = 1): Hive
    {
        $hive = HiveFactory::new()->in($apiary, $code)->stacked($brood, $supers)->createOne();
        assert($hive instanceof Hive);

        return $hive;
    }

    /** The n-th super from below. */
    private function super(Hive $hive, int $number): Box
    {
        return BoxPlace::query()
            ->where('hive_id', $hive->id)
            ->where('role', 'super')
            ->whereNull('until')
            ->orderBy('position')
            ->skip($number - 1)
            ->firstOrFail()
            ->box;
    }

    /** All frames of a super seen today, and read where there is a reading. */
    private function seen(Box $box, Face $face, float ...$waterPct): void
    {
        AssessmentFactory::new()->of($box)->frames(10, $face)->water(...$waterPct)->createOne();
    }

    /** Three signs of it, the day before the tests' own. */
    private function flowIsOver(Apiary $yard): void
    {
        foreach (['main-bloom' => 'finished', 'robbing-test' => 'robbed', 'eating-capped' => 'seen'] as $sign => $result) {
            FlowSign::query()->create([
                'apiary_id' => $yard->id,
                'sign' => $sign,
                'result' => $result,
                'seen_at' => '2026-08-03 12:00',
            ]);
        }
    }

    /** Nothing but sun is expected in the coming days. */
    private function dry(Apiary ...$yards): void
    {
        $today = app(CurrentOperation::class)->today();
        foreach ($yards as $yard) {
            foreach (range(0, 12) as $days) {
                WeatherDay::query()->firstOrCreate([
                    'apiary_id' => $yard->id,
                    'date' => $today->modify("+$days days")->format('Y-m-d'),
                ], ['min_c' => 10, 'max_c' => 24, 'rain_p' => 0.05, 'sun' => 0.8, 'source' => 'own']);
            }
        }
    }
}
