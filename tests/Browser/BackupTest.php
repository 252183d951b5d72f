<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/** What is backed up is what is brought back, to the last row; what is damaged is not taken for a backup. */
final class BackupTest extends TestCase
{
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
        [$status, $said] = $this->program('backup', "$this->folder/a.backup", self::from());
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Backed up to', $said);
        $this->restored('a.backup');
        self::assertSame($this->dump(self::from()), $this->dump(self::INTO));
        // Once there are records, nobody is there to be asked: they stay.
        [$status, $said] = $this->program('restore', "$this->folder/a.backup", self::INTO);
        self::assertSame(1, $status);
        self::assertStringContainsString('they stay', $said);
        self::assertSame(0, $this->program('restore', "$this->folder/a.backup --replace-all", self::INTO)[0]);
        self::assertSame($this->dump(self::from()), $this->dump(self::INTO));
    }

    public function test_an_encrypted_one_opens_with_its_passphrase_alone(): void
    {
        $file = "$this->folder/b.backup";
        self::assertSame(0, $this->program('backup', $file, self::from(), 'four unlike plum words')[0]);
        self::assertStringStartsWith('Salted__', (string) file_get_contents($file, length: 8));
        [$status, $said] = $this->program('restore', $file, self::INTO, 'other words');
        self::assertSame(1, $status);
        self::assertStringContainsString('another passphrase', $said);
        self::assertSame(1, $this->program('restore', $file, self::INTO)[0], 'Nobody to ask.');
        $this->restored('b.backup', 'four unlike plum words');
        self::assertSame($this->dump(self::from()), $this->dump(self::INTO));
    }

    public function test_what_is_damaged_or_there_already_is_refused(): void
    {
        $file = "$this->folder/c.backup";
        self::assertSame(0, $this->program('backup', $file, self::from())[0]);
        self::assertSame(1, $this->program('backup', $file, self::from())[0], 'It is not written over.');
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

    public function test_nightly_backups_share_each_photograph(): void
    {
        $jpeg = random_bytes(2000);
        $name = hash('sha256', $jpeg);
        $note = '01jphotographs0000000000ab';
        $from = self::from();
        $this->sql("insert into $from.photographs (sha256, jpeg) values ('$name', x'".bin2hex($jpeg)."')");
        $this->sql("insert into $from.hive_notes (id, operation_id, hive_id, what, text, noted_at)
            select '$note', operation_id, id, 'photo', 'a nest', '2026-08-01' from $from.hives limit 1");
        $this->sql("insert into $from.hive_photos (hive_note_id, sha256) values ('$note', '$name')");
        $folder = self::root().'/var/test/backup';
        $kept = "$folder/photographs/$name.jpg";
        [$status, $said] = $this->program('backup', '--nightly', $from);
        self::assertSame(0, $status, $said);
        self::assertStringEqualsFile($kept, $jpeg);
        $first = fileinode($kept);
        self::assertSame(0, $this->program('backup', '--nightly', $from)[0]);
        clearstatcache();
        self::assertSame($first, fileinode($kept), 'It is written once.');
        $backups = glob("$folder/nightly-*.backup") ?: [''];
        $nightly = end($backups);
        self::assertStringNotContainsString($jpeg, (string) file_get_contents($nightly));
        [$status, $said] = $this->program('restore', $nightly, self::INTO);
        self::assertSame(0, $status, $said);
        self::assertSame($this->dump($from), $this->dump(self::INTO));
        // A file of one's own holds it; a nightly one without its folder says what is missing, and brings back the rest.
        self::assertSame(0, $this->program('backup', "$this->folder/own.backup", $from)[0]);
        self::assertStringContainsString($jpeg, (string) file_get_contents("$this->folder/own.backup"));
        copy($nightly, "$this->folder/alone.backup");
        [$status, $said] = $this->program('restore', "$this->folder/alone.backup --replace-all", self::INTO);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('1 photographs are not restored', $said);
        $this->sql("delete from $from.hive_photos where hive_note_id = '$note'");
        $this->sql("delete from $from.hive_notes where id = '$note'");
        $this->sql("delete from $from.photographs where sha256 = '$name'");
        self::assertSame(0, $this->program('backup', '--nightly', $from)[0]);
        self::assertFileDoesNotExist($kept, 'No backup names it any more.');
    }

    private static function from(): string
    {
        return (string) getenv('MARJORAM_TEST_DATABASE');
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
        // Photographs come back with the moment of their coming back; their bytes are compared by themselves.
        $with .= " --ignore-table=$database.photographs";
        exec(self::client('mariadb-dump')." $with $database", $lines);
        self::assertGreaterThan(100, count($lines));
        exec(self::client('mariadb')." -N -e 'select sha256, sha2(jpeg, 256) from $database.photographs order by 1'", $lines);

        return implode("\n", $lines);
    }

    private function sql(string $statement): void
    {
        exec(self::client('mariadb').' -e '.escapeshellarg($statement));
    }

    private static function client(string $program): string
    {
        $run = self::root().'/var/test/run';
        $var = escapeshellarg(self::root().'/var/test');
        $deep = '/tmp/marjoram-'.trim((string) shell_exec("printf %s $var | cksum | cut -d' ' -f1"));

        return "$program --no-defaults --socket=".(strlen($run) > 80 ? $deep : $run).'/mariadb.sock --user=$(id -un)';
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
