<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/** What is backed up is what is brought back, to the last row; what is damaged is not taken for a backup. */
final class BackupTest extends TestCase
{
    private const FROM = 'app_browser_test';

    private const INTO = 'app_restore_test';

    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/marjoram-backup-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
        $this->sql('drop database if exists '.self::INTO);
    }

    public function test_what_is_brought_back_is_what_was_there(): void
    {
        [$status, $said] = $this->program('backup', "$this->folder/a.backup", self::FROM);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Backed up to', $said);
        $this->restored('a.backup');
        self::assertSame($this->dump(self::FROM), $this->dump(self::INTO));
        // Once there are records, nobody is there to be asked: they stay.
        [$status, $said] = $this->program('restore', "$this->folder/a.backup", self::INTO);
        self::assertSame(1, $status);
        self::assertStringContainsString('they stay', $said);
        self::assertSame(0, $this->program('restore', "$this->folder/a.backup --replace-all", self::INTO)[0]);
        self::assertSame($this->dump(self::FROM), $this->dump(self::INTO));
    }

    public function test_an_encrypted_one_opens_with_its_passphrase_alone(): void
    {
        $file = "$this->folder/b.backup";
        self::assertSame(0, $this->program('backup', $file, self::FROM, 'four unlike plum words')[0]);
        self::assertStringStartsWith('Salted__', (string) file_get_contents($file, length: 8));
        [$status, $said] = $this->program('restore', $file, self::INTO, 'other words');
        self::assertSame(1, $status);
        self::assertStringContainsString('another passphrase', $said);
        self::assertSame(1, $this->program('restore', $file, self::INTO)[0], 'Nobody to ask.');
        $this->restored('b.backup', 'four unlike plum words');
        self::assertSame($this->dump(self::FROM), $this->dump(self::INTO));
    }

    public function test_what_is_damaged_or_there_already_is_refused(): void
    {
        $file = "$this->folder/c.backup";
        self::assertSame(0, $this->program('backup', $file, self::FROM)[0]);
        self::assertSame(1, $this->program('backup', $file, self::FROM)[0], 'It is not written over.');
        $whole = (string) file_get_contents($file);
        $middle = intdiv(strlen($whole), 2);
        file_put_contents($file, substr_replace($whole, str_repeat('x', 64), $middle, 64));
        [$status, $said] = $this->program('restore', $file, self::INTO);
        self::assertSame(1, $status);
        self::assertStringContainsString('damaged', $said);
        file_put_contents($file, substr($whole, 0, $middle));
        self::assertSame(1, $this->program('restore', $file, self::INTO)[0]);
        file_put_contents($file, 'something else');
        [$status, $said] = $this->program('restore', $file, self::INTO);
        self::assertSame(1, $status);
        self::assertStringContainsString('Nothing was changed.', $said);
        self::assertSame(1, $this->program('restore', "$this->folder/none.backup", self::INTO)[0]);
    }

    private function restored(string $file, string $passphrase = ''): void
    {
        [$status, $said] = $this->program('restore', "$this->folder/$file", self::INTO, $passphrase);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Restored from', $said);
    }

    /** @return array{int, string} status, and all that was said */
    private function program(string $command, string $with, string $database, string $passphrase = ''): array
    {
        $settings = "MARJORAM_DATABASE=$database";
        if ($passphrase !== '') {
            $settings .= ' MARJORAM_PASSPHRASE='.escapeshellarg($passphrase);
        }
        exec("$settings ".self::root()."/bin/$command $with 2>&1 </dev/null", $lines, $status);

        return [$status, implode("\n", $lines)];
    }

    private function dump(string $database): string
    {
        // Jobs come and go by themselves while this looks.
        $with = "--order-by-primary --skip-comments --no-tablespaces --ignore-table=$database.jobs";
        exec(self::client('mariadb-dump')." $with $database", $lines);
        self::assertGreaterThan(100, count($lines));

        return implode("\n", $lines);
    }

    private function sql(string $statement): void
    {
        exec(self::client('mariadb').' -e '.escapeshellarg($statement));
    }

    private static function client(string $program): string
    {
        $run = self::root().'/var/run';
        $deep = '/tmp/marjoram-'.trim((string) shell_exec('printf %s '.escapeshellarg(self::root()).' | cksum | cut -d" " -f1'));

        return "$program --no-defaults --socket=".(strlen($run) > 80 ? $deep : $run).'/mariadb.sock --user=$(id -un)';
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
