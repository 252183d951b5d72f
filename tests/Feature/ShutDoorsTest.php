<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\AllowedAddress;
use App\Devices\DeviceAddress;
use App\Devices\DeviceCall;
use App\Foundation\Server\LetterFiles;
use App\Foundation\Server\Photographs;
use App\Models\Membership;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Database\Factories\UserFactory;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\TestWith;

/** Ways in that were open: addresses, letters, passwords, names, photographs, what the server calls. */
final class ShutDoorsTest extends FeatureTestCase
{
    use SmallOperation;

    #[TestWith(['http://evil.example'])]
    #[TestWith(['http://127.0.0.1:8999'])]
    #[TestWith(['http://127.0.0.1.evil.example'])]
    #[TestWith(['http://evil.example:80'])]
    public function test_a_foreign_host_gets_no_letter_and_no_page(string $at): void
    {
        $this->post("$at/forgotten", ['email' => 'keeper@demo.example'])
            ->assertStatus(421)
            ->assertSee('does not answer under the address');
        $this->get("$at/sign-in")->assertStatus(421)->assertHeader('X-Content-Type-Options', 'nosniff');
        $this->get("$at/field")->assertStatus(421);
        $this->get("$at/up")->assertOk();
        self::assertSame([], self::letters());
    }

    public function test_each_configured_address_is_answered_and_letters_name_the_first(): void
    {
        config(['app.addresses' => ['https://honey.example', 'http://127.0.0.1:8470']]);
        $this->get('http://127.0.0.1:8470/')->assertRedirect('http://127.0.0.1:8470/sign-in');
        // TLS ends before this server, which is asked by plain HTTP.
        $this->get('http://honey.example/')->assertRedirect('https://honey.example/sign-in');
        $this->get('http://honey.example/sign-in')->assertHeader('Strict-Transport-Security');
        $this->get('http://127.0.0.1:8471/')->assertStatus(421);
        $this->post('http://127.0.0.1:8470/forgotten', ['email' => 'keeper@demo.example'])->assertStatus(303);
        self::assertStringContainsString('https://honey.example/forgotten/', self::letters()[0]);
    }

    public function test_signing_up_says_nothing_of_who_has_an_account_and_a_letter_does(): void
    {
        $answer = fn (string $email) => $this->post('/sign-up', [
            'name' => 'Somebody',
            'email' => $email,
            'password' => 'plum-kvist-mosse-9',
            'password_confirmation' => 'plum-kvist-mosse-9',
        ])->assertRedirect('/sign-in');
        $new = $answer('new@factory.example')->getSession()->get('sent');
        $known = $answer('keeper@demo.example')->getSession()->get('sent');
        self::assertSame($new, $known);
        self::assertSame(1, User::query()->where('email', 'keeper@demo.example')->count());
        self::assertCount(1, self::letters());
        self::assertStringContainsString('already have an account', self::letters()[0]);
        $this->post('/sign-in', ['email' => 'new@factory.example', 'password' => 'plum-kvist-mosse-9'])->assertRedirect('/');
        $this->post('/sign-out');
        $this->post('/sign-in', ['email' => 'keeper@demo.example', 'password' => 'plum-kvist-mosse-9'])->assertStatus(422);
    }

    public function test_where_letters_are_delivered_an_account_is_made_when_its_letter_is_opened(): void
    {
        config(['auth.confirm_sign_up' => true]);
        $this->post('/sign-up', [
            'name' => 'Somebody',
            'email' => 'new@factory.example',
            'password' => 'plum-kvist-mosse-9',
            'password_confirmation' => 'plum-kvist-mosse-9',
        ])->assertRedirect('/sign-in')->assertSessionHas('sent', fn (string $said): bool => str_contains($said, 'A mail'));
        self::assertSame(0, User::query()->where('email', 'new@factory.example')->count());
        self::assertSame(1, preg_match('#/sign-up/\w{40}#', quoted_printable_decode(self::letters()[0]), $found));
        $this->get($found[0])->assertOk()->assertSee('new@factory.example');
        $this->post($found[0])->assertRedirect('/start');
        self::assertSame(1, User::query()->where('email', 'new@factory.example')->count());
        $this->post('/sign-out');
        $this->post($found[0])->assertNotFound();
    }

    public function test_letters_without_a_mail_server_are_files_for_their_owner_and_not_for_long(): void
    {
        File::deleteDirectory(LetterFiles::folder());
        config(['mail.default' => 'file']);
        Mail::purge();
        $this->post('/forgotten', ['email' => 'keeper@demo.example'])->assertStatus(303);
        $files = glob(LetterFiles::folder().'/*.eml') ?: [];
        self::assertCount(1, $files);
        self::assertSame(0600, fileperms($files[0]) & 0777);
        self::assertStringContainsString('/forgotten/', quoted_printable_decode((string) file_get_contents($files[0])));
        touch($files[0], time() - 3599);
        LetterFiles::forgetOld();
        self::assertFileExists($files[0]);
        touch($files[0], time() - 3700);
        LetterFiles::forgetOld();
        self::assertFileDoesNotExist($files[0]);
    }

    public function test_passwords_count_whole_wrong_ones_are_limited_and_tokens_end_if_asked(): void
    {
        $person = UserFactory::new(['password' => 'plum-kvist-mosse-9'])->createOne();
        assert($person instanceof User);
        $this->operation();
        $operation = Operation::query()->latest('id')->firstOrFail();
        $operation->memberships()->create(['user_id' => $person->id, 'role' => Role::Keeper]);
        $person->createToken('scale');
        $this->actingAs($person);
        $change = fn (string $present, string $new, bool $ends) => $this->send('PUT', '/account/password', [
            'current_password' => $present,
            'password' => $new,
            'password_confirmation' => $new,
        ] + ($ends ? ['end_tokens' => '1'] : []), from: '/account');
        $long = str_repeat('kvist-mosse-', 6);
        $change('plum-kvist-mosse-9', $long.'x', false)->assertStatus(422)->assertSee('at most 72 bytes. Yours has 73');
        $change('plum-kvist-mosse-9', str_repeat('ö', 30).'plum-kvist-mo', false)->assertStatus(422)->assertSee('at most 72 bytes');
        $change('plum-kvist-mosse-9', $long, false)->assertStatus(303);
        self::assertSame(1, $person->tokens()->count());
        $change($long, 'other-kvist-mosse-9', true)->assertStatus(303);
        self::assertSame(0, $person->tokens()->count());
        foreach (range(1, 5) as $n) {
            $change("wrong-$n", 'third-kvist-mosse-9', false)->assertStatus(422)->assertSee('not your current password');
        }
        $change('other-kvist-mosse-9', 'third-kvist-mosse-9', false)->assertStatus(422)->assertSee('Too many wrong passwords');
        $this->travel(2)->minutes();
        $change('other-kvist-mosse-9', 'third-kvist-mosse-9', false)->assertStatus(303);
    }

    #[TestWith(['iloveyou2024'])]
    #[TestWith(['Liverpool99'])]
    #[TestWith(['sunshine12'])]
    #[TestWith(['d0lph1ns!!'])]
    public function test_a_password_of_the_dictionary_is_refused(string $password): void
    {
        $this->post('/sign-up', [
            'name' => 'Wilma',
            'email' => 'wilma@factory.example',
            'password' => $password,
            'password_confirmation' => $password,
        ])->assertStatus(422)->assertSee('easy to guess');
    }

    #[TestWith(['POST', '/yards', ['name' => 'Hill']])]
    #[TestWith(['POST', '/start', ['name' => 'Hill']])]
    #[TestWith(['PUT', '/account/operation-settings', ['name' => 'Hill']])]
    public function test_a_place_of_seventy_thousand_letters_is_refused(string $method, string $url, array $with): void
    {
        $this->operation();
        $this->send($method, $url, $with + ['place' => str_repeat('a', 70_000)])->assertStatus(422);
        $this->get('/places?place='.str_repeat('a', 3000))->assertOk();
    }

    public function test_names_are_one_line(): void
    {
        $this->operation();
        $hive = $this->hive($this->apiary(), 'L1');
        foreach (["A\nB", "A\r\nBcc: all@evil.example"] as $name) {
            $this->send('PUT', '/account', ['name' => $name, 'system' => 'metric', 'theme' => 'light', 'paper' => 'A4'], from: '/account')
                ->assertStatus(422)
                ->assertSee('one line');
            $this->send('PUT', "/yards/hives/$hive->id", ['code' => $name, 'version' => '1'])->assertStatus(422);
            $this->post('/sign-in', ['email' => "a@b.example$name", 'password' => 'x'])->assertStatus(422);
        }
        $this->send('PUT', "/yards/hives/$hive->id", ['code' => 'L1', 'yard' => 'lime-row', 'notes' => "One\nTwo", 'version' => '1'])
            ->assertStatus(303);
        self::assertSame("One\nTwo", $hive->refresh()->notes);
    }

    public function test_a_photograph_is_kept_as_a_picture_alone(): void
    {
        ob_start();
        imagejpeg(imagecreatetruecolor(60, 40));
        $jpeg = (string) ob_get_clean();
        // TIFF header, one entry: orientation 6 (a quarter turn); then a place in plain sight.
        $exif = "Exif\0\0II*\0\x08\0\0\0\x01\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\0\0\0\0GPS 58.39 13.44";
        $with = substr($jpeg, 0, 2)."\xff\xe1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2).'<?php echo 1;';
        self::assertSame(6, @exif_read_data('data://image/jpeg;base64,'.base64_encode($with))['Orientation'] ?? null);
        $clean = (string) Photographs::cleaned($with);
        foreach (['Exif', 'GPS', '<?php'] as $left) {
            self::assertStringNotContainsString($left, $clean);
        }
        self::assertSame([40, 60], array_slice(getimagesizefromstring($clean) ?: [], 0, 2), 'It stands upright.');
        self::assertNull(Photographs::cleaned('GIF89a'));
        self::assertNull(Photographs::cleaned(substr($jpeg, 0, 30)));
        // A small file that says that it is very large is not decoded.
        $bomb = (string) preg_replace('/(\xff\xc0\0\x11\x08)..../s', "\$1\xff\xff\xff\xff", $jpeg, 1);
        self::assertNull(Photographs::cleaned($bomb));
    }

    /** @param  list<string>  $leadsTo */
    #[TestWith(['private', 'http://glass.example', ['192.168.1.5'], '192.168.1.5'])]
    #[TestWith(['private', 'http://localhost:80', ['127.0.0.1'], '127.0.0.1'])]
    #[TestWith(['private', 'http://localhost:80', ['198.51.100.7'], null])]
    #[TestWith(['private', 'http://[::ffff:169.254.169.254]/', [], null])]
    #[TestWith(['private', 'http://[fd00::7]:8080/', [], 'fd00::7'])]
    #[TestWith(['glass.example', 'http://glass.example', ['203.0.113.9'], '203.0.113.9'])]
    #[TestWith(['glass.example', 'http://glass.example', ['203.0.113.9', '169.254.169.254'], null])]
    #[TestWith(['glass.example', 'http://glass.example', ['0.0.0.0'], null])]
    #[TestWith(['glass.example', 'http://glass.example', [], null])]
    #[TestWith(['', 'http://127.0.0.1:3306', [], null])]
    public function test_an_address_is_looked_at_when_it_is_called(string $allowed, string $url, array $leadsTo, ?string $ip): void
    {
        $known = new AllowedAddress($allowed, static fn (string $host): array => $leadsTo);
        self::assertSame($ip, $known->ipOf($url));
    }

    public function test_a_name_that_leads_elsewhere_by_then_is_not_called(): void
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($server);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        $call = new DeviceCall(new AllowedAddress('scale.example', static fn (): array => ['169.254.169.254']));
        self::assertNull($call->json(DeviceAddress::entered("http://scale.example:$port", 'scale'), '/weight'));
        self::assertFalse(@stream_socket_accept($server, 0), 'Nobody was called.');
        fclose($server);
    }

    public function test_an_operation_without_an_owner_is_given_one(): void
    {
        $operation = $this->operation();
        Artisan::call('operation:owner');
        self::assertStringContainsString('Every operation has an owner', Artisan::output());
        $operation->memberships()->update(['role' => Role::Viewer->value]);
        $email = (string) auth()->user()?->email;
        Artisan::call('operation:owner');
        self::assertStringContainsString($operation->id, Artisan::output());
        self::assertSame(1, Artisan::call('operation:owner', ['operation' => $operation->id, 'email' => 'nobody@x.example']));
        self::assertSame(0, Artisan::call('operation:owner', ['operation' => $operation->id, 'email' => $email]));
        self::assertSame(1, $operation->memberships()->where('role', Role::Owner)->count());
    }

    public function test_an_owner_who_is_none_any_more_changes_nobody(): void
    {
        $operation = $this->operation();
        $me = auth()->user();
        assert($me instanceof User);
        $other = $operation->memberships()->create([
            'user_id' => UserFactory::new()->createOne()->getKey(),
            'role' => Role::Owner,
        ]);
        // Another request takes the role away after this one was let in.
        $isTaken = false;
        Membership::retrieved(static function ($one) use ($me, &$isTaken): void {
            if (! $isTaken && $one->user_id === $me->id) {
                $isTaken = true;
                DB::table('memberships')->where('id', $one->id)->update(['role' => 'viewer']);
            }
        });
        $this->send('PUT', "/account/members/$other->id", ['role' => 'viewer'])->assertForbidden();
        $this->send('DELETE', "/account/members/$other->id")->assertForbidden();
        self::assertSame(Role::Owner, $other->refresh()->role);
    }

    /** @return list<string> */
    private static function letters(): array
    {
        $transport = app('mailer')->getSymfonyTransport();
        assert($transport instanceof ArrayTransport);

        return array_values($transport->messages()->map(
            static fn ($sent): string => quoted_printable_decode($sent->getOriginalMessage()->toString()),
        )->all());
    }
}
