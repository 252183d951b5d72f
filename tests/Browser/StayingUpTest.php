<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;

/** What is killed runs again by itself, and what was sent meanwhile is saved, once. */
final class StayingUpTest extends BrowserTestCase
{
    #[TestWith(['php-fpm'])]
    #[TestWith(['nginx'])]
    #[TestWith(['queue'])]
    #[TestWith(['weather'])]
    public function test_a_killed_process_runs_again(string $name): void
    {
        $before = self::process($name);
        self::kill($before);
        self::await(static fn (): bool => ! in_array(self::process($name), [0, $before], true), "$name is not back");
        self::await(static fn (): bool => self::answers('/up'), 'no page after it');
    }

    public function test_the_supervisor_itself_is_started_again(): void
    {
        $file = self::services().'.pid';
        $before = (int) file_get_contents($file);
        self::kill($before);
        self::await(static fn (): bool => (int) file_get_contents($file) !== $before, 'no supervisor');
        // It starts each service afresh: one that is killed now is its to start.
        sleep(6);
        $this->test_a_killed_process_runs_again('nginx');
    }

    public function test_no_process_that_answers_has_more_rights_than_whom_it_runs_as(): void
    {
        $owner = fileowner(getenv('MARJORAM_TEST_HOME').'/storage');
        foreach (['php-fpm', 'nginx', 'queue', 'weather', 'refractometer'] as $name) {
            // One that was just started is still becoming who it runs as.
            self::await(static fn (): bool => @fileowner('/proc/'.self::process($name)) === $owner, "$name has more rights");
            self::assertSame($owner, fileowner('/proc/'.self::process($name)), $name);
        }
        $may = exec('chpst -u marjoram test -r '.escapeshellarg(dirname(__DIR__, 2).'/artisan').' && echo yes');
        if (posix_geteuid() === 0 && $may === 'yes') {
            self::assertNotSame(0, $owner, 'All runs as root.');
        }
    }

    public function test_a_tap_while_the_server_is_away_is_sent_again_by_itself(): void
    {
        $this->signIn('keeper');
        $this->open('/watch/skolgarden');
        $tap = '#work form[hx-boost] button';
        $this->waitFor($tap);
        exec('sv -w 10 down '.escapeshellarg(self::services().'/php-fpm'));
        try {
            self::assertFalse(self::answers('/up'));
            self::assertStringContainsString('Sent twice, it counts once', self::read('/up'));
            $this->click($tap);
            $this->waitFor('#unanswered:not([hidden])');
            self::assertStringContainsString('Trying again', $this->find('#unanswered')->getText());
        } finally {
            exec('sv -w 10 up '.escapeshellarg(self::services().'/php-fpm'));
        }
        $this->waitFor('#work .notice[role=status] form');
        self::assertFalse($this->find('#unanswered')->isDisplayed());
    }

    private static function services(): string
    {
        return getenv('MARJORAM_TEST_HOME').'/services';
    }

    private static function process(string $name): int
    {
        return (int) @file_get_contents(self::services()."/$name/supervise/pid");
    }

    private static function answers(string $path): bool
    {
        return str_starts_with(self::read($path), 'up');
    }

    private static function read(string $path): string
    {
        $quiet = stream_context_create(['http' => ['ignore_errors' => true, 'timeout' => 5]]);

        return (string) @file_get_contents(getenv('MARJORAM_TEST_URL').$path, context: $quiet);
    }

    /** @param  callable(): bool  $is */
    private static function await(callable $is, string $else): void
    {
        for ($try = 0; $try < 200; $try++) {
            if ($is()) {
                return;
            }
            usleep(100_000);
        }
        self::fail($else);
    }
}
