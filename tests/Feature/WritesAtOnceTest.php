<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Writes\Activity;
use App\Models\Apiary;
use App\Models\Assessment;
use App\Models\FrameLook;
use App\Models\Hive;
use App\Models\MoistureReading;
use App\Models\Queen;
use App\Models\Role;
use App\Models\User;
use Database\Factories\HiveFactory;
use Database\Factories\UserFactory;
use Illuminate\Database\QueryException;
use Illuminate\Support\Str;
use Marjoram\Core\Comb\Face;
use PDOException;
use PHPUnit\Framework\Attributes\TestWith;

/** Two people and two writes at once, in the order in which they could fall. */
final class WritesAtOnceTest extends FeatureTestCase
{
    use SmallOperation;

    #[TestWith([1])]
    #[TestWith([2])]
    public function test_a_write_in_anothers_way_is_tried_again_as_a_whole(int $times): void
    {
        $this->operation();
        $box = $this->super($this->hive($this->apiary(), 'L1'), 1);
        MoistureReading::creating($this->inTheWay($times));
        $this->send('POST', "/assess/boxes/$box->id/readings", ['scale' => 'water', 'value' => '17.2'])
            ->assertStatus(303);
        self::assertSame(1, MoistureReading::query()->count());
        self::assertSame(1, Assessment::query()->count(), 'What the tries before had made is gone.');
        $reading = MoistureReading::query()->firstOrFail();
        self::assertSame(1, Activity::ofThisOperation()->where('subject_id', $reading->id)->count());
    }

    public function test_what_is_in_the_way_every_time_is_said_and_nothing_is_saved(): void
    {
        $this->operation();
        $box = $this->super($this->hive($this->apiary(), 'L1'), 1);
        MoistureReading::creating($this->inTheWay(9));
        $this->send('POST', "/assess/boxes/$box->id/readings", ['scale' => 'water', 'value' => '17.2'])
            ->assertStatus(503);
        self::assertSame(0, MoistureReading::query()->count());
        self::assertSame(0, Assessment::query()->count());
    }

    public function test_a_record_is_bound_anew_for_the_second_try(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $hive = $this->hive($yard, 'L1');
        Hive::updating($this->inTheWay(1));
        $this->send('PUT', "/yards/hives/$hive->id", ['code' => 'L9', 'yard' => $yard->slug, 'version' => '1'])
            ->assertStatus(303);
        self::assertSame(['L9', 2], [$hive->refresh()->code, $hive->version]);
    }

    public function test_one_key_belongs_to_what_was_sent_under_it(): void
    {
        $this->operation();
        $box = $this->super($this->hive($this->apiary(), 'L1'), 1);
        $key = (string) Str::ulid();
        $send = fn (string $value) => $this->send(
            'POST',
            "/assess/boxes/$box->id/readings",
            ['scale' => 'water', 'value' => $value],
            $key,
        )->assertStatus(303);
        $send('17.2')->assertHeaderMissing('Idempotency-Replayed');
        $send('17.2')->assertHeader('Idempotency-Replayed', 'true');
        $send('18.4')->assertHeaderMissing('Idempotency-Replayed');
        self::assertSame([17.2, 18.4], MoistureReading::query()->orderBy('id')->pluck('value')->all());
        // The same fields in another order are the same content.
        $url = "/assess/boxes/$box->id/readings";
        $this->call('POST', $url, ['value' => '18.4', '_key' => $key, 'scale' => 'water'])
            ->assertHeader('Idempotency-Replayed', 'true');
    }

    public function test_of_two_with_one_version_the_second_sees_both_values(): void
    {
        $this->operation();
        $box = $this->super($this->hive($this->apiary(), 'L1'), 1);
        $url = "/assess/boxes/$box->id/frames/3";
        $face = static fn (string $capped): array => ['a' => ['capped' => $capped], 'b' => ['capped' => $capped]];
        $this->send('PUT', $url, $face('0.2'))->assertStatus(303);
        // The second was opened with the first's version, and bound before the first was done.
        FrameLook::query()->firstOrFail()->update(['a' => new Face(0.6), 'b' => new Face(0.6)]);
        $this->send('PUT', $url, $face('0.4') + ['version' => '1'], from: '/')->assertStatus(409);
        self::assertSame(0.6, FrameLook::query()->firstOrFail()->a->capped);
    }

    public function test_undo_leaves_a_yard_on_which_another_has_put_a_hive_since(): void
    {
        $this->operation();
        $me = $this->person();
        $this->send('POST', '/yards', $this->yardForm())->assertStatus(303);
        $yard = Apiary::query()->firstOrFail();
        $this->actingAs($this->member('Wilma'));
        $this->send('POST', "/yards/$yard->slug/hives", [
            'brood_boxes' => '1',
            'brood_kind' => 'langstroth-deep-10',
            'supers' => '1',
            'super_kind' => 'langstroth-medium-10',
        ])->assertStatus(303);
        $this->actingAs($me);
        $this->send('POST', '/undo')->assertSessionHas('undone', fn (string $words): bool => str_contains(
            $words,
            'Nothing was undone.',
        ));
        self::assertFalse($yard->refresh()->trashed());
        self::assertSame(3, Hive::query()->count());
    }

    public function test_undo_leaves_a_frame_that_another_has_repainted(): void
    {
        $this->operation();
        $me = $this->person();
        $box = $this->super($this->hive($this->apiary(), 'L1'), 1);
        $paint = fn (array $a, array $b) => $this->send('PUT', "/assess/boxes/$box->id/frames/3", ['a' => $a, 'b' => $b])
            ->assertStatus(303);
        $paint(['capped' => '0.9'], ['capped' => '0.9']);
        $paint(['capped' => '0.1', 'open' => '0.9'], ['capped' => '0.9']);
        $this->actingAs($this->member('Wilma'));
        $paint(['capped' => '0.3', 'open' => '0.6'], ['capped' => '0.2']);
        $this->actingAs($me);
        $this->send('POST', '/undo')->assertSessionHas('undone', fn (string $words): bool => str_contains(
            $words,
            'Wilma has changed',
        ));
        $frame = FrameLook::query()->firstOrFail();
        self::assertSame([0.3, 0.6, 0.2], [$frame->a->capped, $frame->a->open, $frame->b->capped]);
        $this->get('/assess/lime-row/L1')->assertOk();
    }

    public function test_undo_brings_back_nothing_whose_place_is_taken(): void
    {
        $this->operation();
        $me = $this->person();
        $yard = $this->apiary();
        $bare = HiveFactory::new()->in($yard, 'L1')->createOne();
        assert($bare instanceof Hive);
        $this->send('DELETE', "/yards/hives/$bare->id")->assertStatus(303);
        $this->actingAs($this->member('Wilma'));
        HiveFactory::new()->in($yard, 'L1')->createOne();
        $this->actingAs($me);
        $this->send('POST', '/undo')->assertSessionHas('undone', fn (string $words): bool => str_contains(
            $words,
            'Nothing was undone.',
        ));
        self::assertSame(1, Hive::query()->where('code', 'L1')->count());
    }

    public function test_a_code_in_use_is_said_at_once_and_nothing_half_made_is_seen(): void
    {
        $this->operation();
        $this->hive($this->apiary(), 'L1');
        // Its hives would be L1 and L2.
        $form = ['letter' => 'L', 'name' => 'Another'] + $this->yardForm();
        $this->send('POST', '/yards', $form, from: '/yards')
            ->assertStatus(422)
            ->assertSee('L1')
            ->assertDontSee('Another</a>', false);
        self::assertSame(1, Apiary::query()->count());
        self::assertSame(1, Hive::query()->count());
    }

    public function test_a_name_taken_meanwhile_is_a_refusal_in_words(): void
    {
        $this->operation();
        $first = Queen::query()->create(['code' => '24-1', 'line' => 'Ask', 'year' => 2024]);
        $second = Queen::query()->create(['code' => '24-2', 'line' => 'Ask', 'year' => 2024]);
        Queen::updating(static fn (Queen $queen) => $queen->setAttribute('code', '24-1'));
        $this->send('PUT', "/yards/queens/$second->id", ['code' => '24-3', 'line' => 'Ask', 'year' => '2024'])
            ->assertStatus(422)
            ->assertSee('already');
        self::assertSame('24-1', $first->refresh()->code);
        self::assertSame('24-2', $second->refresh()->code);
    }

    public function test_bytes_that_are_no_text_are_refused(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $treatment = ['what' => 'As its label says', 'supers_off_by' => "2026-08\0-20"];
        $this->send('POST', "/yards/$yard->slug/treatments", $treatment)->assertStatus(422);
        $this->send('POST', "/yards/$yard->slug/treatments", ['what' => "\xff\xfe"] + $treatment)->assertStatus(422);
        $this->get('/compare?yard=a%00b')->assertStatus(422);
        $this->send('POST', "/yards/$yard->slug/treatments", ['supers_off_by' => '2026-08-20'] + $treatment)
            ->assertStatus(303);
    }

    public function test_a_refusal_shows_no_page_that_its_reader_may_not_see(): void
    {
        $this->operation();
        $yard = $this->apiary();
        $secret = 'Nobody but the owner reads this.';
        $yard->update(['notes' => $secret]);
        auth()->logout();
        app(CurrentOperation::class)->leave();
        foreach (["/yards/$yard->slug", '/account/policy', '/start', 'http://elsewhere.example/sign-in'] as $from) {
            $this->from($from)
                ->post('/sign-in', ['email' => 'x', 'password' => ''])
                ->assertStatus(422)
                ->assertDontSee($secret)
                ->assertSee('Sign in');
        }
    }

    /** @return callable(): void a write that others stand in the way of, so many times */
    private function inTheWay(int $times): callable
    {
        return static function () use (&$times): void {
            if ($times-- > 0) {
                $why = new PDOException('SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock');
                throw new QueryException('mariadb', 'insert', [], $why);
            }
        };
    }

    private function person(): User
    {
        $user = auth()->user();
        assert($user instanceof User);

        return $user;
    }

    private function member(string $name): User
    {
        $user = UserFactory::new(['name' => $name])->createOne();
        assert($user instanceof User);
        $operation = app(CurrentOperation::class)->get();
        $operation->memberships()->create(['user_id' => $user->id, 'role' => Role::Keeper]);
        $user->forceFill(['current_operation_id' => $operation->id])->save();

        return $user;
    }

    /** @return array<string, string> */
    private function yardForm(): array
    {
        return [
            'name' => 'Quince Hill',
            'letter' => 'Q',
            'latitude' => '57.1',
            'longitude' => '14.2',
            'hives' => '2',
            'brood_boxes' => '1',
            'brood_kind' => 'langstroth-deep-10',
            'supers' => '1',
            'super_kind' => 'langstroth-medium-10',
        ];
    }
}
