<?php

declare(strict_types=1);

namespace App\Console\Trial;

use App\Models\Hive;
use App\Models\Membership;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;

/** Clients that write at once while others end processes; what was acknowledged is kept for the count. */
final class TrialWrites extends Command
{
    protected $signature = 'trial:writes {url} {folder : what was sent is kept here; a file "enough" in it ends the writing}
        {--clients=8} {--each=250 : writes of each client, at least} {--pause=1000 : milliseconds between two writes}';

    protected $description = 'Write with several people at once';

    protected $hidden = true;

    private const PASSWORD = 'nine tall plain stools';

    public function handle(): int
    {
        $operation = Operation::query()->where('name', 'Marjoram demo')->firstOrFail();
        /** @var list<string> $hives */
        $hives = Hive::query()
            ->withoutGlobalScopes()
            ->where('operation_id', $operation->id)
            ->limit(12)
            ->pluck('id')
            ->all();
        $children = [];
        for ($number = 0; $number <= (int) $this->option('clients'); $number++) {
            $email = $this->member($operation, $number);
            $child = pcntl_fork();
            if ($child === 0) {
                $number === 0 ? $this->undo($email, $hives) : $this->send($number, $email, $hives);
                exit(0);
            }
            $children[] = $child;
        }
        $isWell = true;
        foreach ($children as $child) {
            pcntl_waitpid($child, $status);
            $isWell = $isWell && is_int($status) && pcntl_wexitstatus($status) === 0;
        }

        return $isWell ? self::SUCCESS : self::FAILURE;
    }

    private function member(Operation $operation, int $number): string
    {
        $email = "trial-$number@demo.example";
        $user = User::query()->create(['name' => "Trial $number", 'email' => $email, 'password' => self::PASSWORD]);
        Membership::query()
            ->create(['operation_id' => $operation->id, 'user_id' => $user->id, 'role' => Role::Keeper]);

        return $email;
    }

    /** @param  list<string>  $hives */
    private function send(int $number, string $email, array $hives): void
    {
        $client = $this->client($email);
        $written = 0;
        while ($written < (int) $this->option('each') || ! $this->isEnough()) {
            $mark = "trial $number-$written";
            $client->write($this->path($hives, $written + $number), self::fact($mark), self::PASSWORD);
            $client->sent->acknowledged[$mark] = microtime(true);
            $written++;
            usleep(1000 * (int) $this->option('pause'));
        }
        $client->sent->write("{$this->folder()}/$number.sent");
    }

    /**
     * Writes and takes back what it wrote.
     *
     * @param  list<string>  $hives
     */
    private function undo(string $email, array $hives): void
    {
        $client = $this->client($email);
        for ($written = 0; ! $this->isEnough(); $written++) {
            $mark = "undo 0-$written";
            $client->write($this->path($hives, $written), self::fact($mark), self::PASSWORD);
            $client->write('/undo', [], self::PASSWORD);
            $client->sent->undone[$mark] = microtime(true);
            usleep(1000 * (int) $this->option('pause'));
        }
        $client->sent->write("{$this->folder()}/0.sent");
    }

    private function client(string $email): Client
    {
        $client = new Client((string) $this->argument('url'), $email);
        $client->signIn(self::PASSWORD);
        // Whoever ends processes waits until all are signed in.
        touch("{$this->folder()}/ready-".md5($email));

        return $client;
    }

    /** @param  list<string>  $hives */
    private function path(array $hives, int $number): string
    {
        return '/yards/hives/'.$hives[$number % count($hives)].'/facts';
    }

    /** @return array<string, string> */
    private static function fact(string $mark): array
    {
        return ['kind' => 'swarmed', 'happened_on' => '2026-07-15', 'note' => $mark];
    }

    private function isEnough(): bool
    {
        clearstatcache();

        return is_file("{$this->folder()}/enough");
    }

    private function folder(): string
    {
        return (string) $this->argument('folder');
    }
}
