<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Hive;
use App\Models\Membership;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Database\Factories\UserFactory;
use Illuminate\Support\Facades\DB;

/** Who deletes the account is gone, with what was theirs alone; what others work in stays. */
final class LeavingTest extends FeatureTestCase
{
    use SmallOperation;

    private const SURE = ['password' => 'heather-and-lime', 'sure' => 'delete'];

    public function test_a_member_goes_and_what_was_recorded_stays(): void
    {
        $helper = $this->person('helper');
        $hives = Hive::query()->withoutGlobalScopes()->count();
        $this->as('helper')->get('/leave')->assertOk()->assertSee('Your records stay with the other members');
        $this->as('helper')->from('/leave')->delete('/leave', self::SURE)->assertRedirect('/sign-in');
        self::assertNull(User::query()->find($helper->id));
        self::assertSame(0, Membership::query()->where('user_id', $helper->id)->count());
        self::assertSame($hives, Hive::query()->withoutGlobalScopes()->count());
        $this->as('keeper')->get('/account/trail')->assertOk();
        // Sent a second time nobody is there any more.
        auth()->forgetGuards();
        $this->flushSession();
        $this->from('/leave')->delete('/leave', self::SURE)->assertRedirect('/sign-in');
    }

    public function test_the_only_owner_does_not_leave_others_without_one(): void
    {
        $this->as('keeper')->get('/leave')->assertOk()->assertSee('its only owner');
        $this->as('keeper')->from('/leave')->delete('/leave', self::SURE)->assertStatus(422)->assertSee('Make another member an owner first');
        $keeper = $this->person('keeper');
        Membership::query()->where('user_id', $this->person('partner')->id)->update(['role' => Role::Owner]);
        $this->as('keeper')->from('/leave')->delete('/leave', self::SURE)->assertRedirect('/sign-in');
        self::assertNull(User::query()->find($keeper->id));
        $this->as('partner')->get('/')->assertOk();
    }

    public function test_an_operation_of_one_goes_with_all_that_is_in_it(): void
    {
        $keeper = $this->person('keeper');
        $demo = Operation::query()->where('name', 'Marjoram demo')->firstOrFail();
        Membership::query()->where('operation_id', $demo->id)->where('user_id', '!=', $keeper->id)->delete();
        $this->as('keeper')->send('POST', '/account/tokens', ['token_name' => 'Ledger', 'may' => 'read']);
        $this->as('keeper')->from('/leave')->delete('/leave', self::SURE)->assertRedirect('/sign-in');
        foreach ($this->tablesOf('operation_id') as $table) {
            self::assertSame(0, DB::table($table)->where('operation_id', $demo->id)->count(), $table);
        }
        self::assertSame(0, DB::table('personal_access_tokens')->where('tokenable_id', $keeper->id)->count());
        self::assertNull(Operation::query()->find($demo->id));
    }

    public function test_what_others_have_is_not_touched(): void
    {
        $mine = $this->operation();
        $this->hive($this->apiary(), 'LR1');
        $hives = Hive::query()->withoutGlobalScopes()->where('operation_id', '!=', $mine->id)->count();
        $person = auth()->user();
        assert($person instanceof User);
        $person->forceFill(['password' => 'heather-and-lime'])->save();
        $this->from('/leave')->delete('/leave', self::SURE)->assertRedirect('/sign-in');
        self::assertSame($hives, Hive::query()->withoutGlobalScopes()->count());
    }

    public function test_it_asks_for_the_password_and_the_word(): void
    {
        $this->as('helper')->delete('/leave', ['password' => 'other', 'sure' => 'delete'])->assertStatus(422);
        $this->as('helper')->delete('/leave', ['password' => 'heather-and-lime', 'sure' => 'yes'])->assertStatus(422);
        self::assertNotNull($this->person('helper'));
        $stranger = UserFactory::new(['password' => 'heather-and-lime'])->createOne();
        assert($stranger instanceof User);
        $this->actingAs($stranger)->from('/leave')->delete('/leave', self::SURE)->assertRedirect('/sign-in');
        self::assertNull(User::query()->find($stranger->id), 'A member of nothing may go too.');
    }

    private function person(string $who): User
    {
        return User::query()->where('email', "$who@demo.example")->firstOrFail();
    }

    /** @return list<string> every table with such a column, so that none is forgotten */
    private function tablesOf(string $column): array
    {
        $found = DB::select(
            'select table_name as name from information_schema.columns where table_schema = database() and column_name = ?',
            [$column],
        );
        self::assertGreaterThan(20, count($found));

        return array_map(static fn (object $row): string => (string) ((array) $row)['name'], $found);
    }
}
