<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The core knows no framework, clock, chance or environment; views hold no logic; lines are short. */
final class HouseRulesTest extends TestCase
{
    /** Code is read at this width. */
    private const COLUMNS = 120;

    /** Elements of a view, whose attributes the formatter breaks. */
    private const COLUMNS_OF_VIEWS = 120;

    /** A sentence, an address or a drawing's path is not broken. */
    private const COLUMNS_OF_SENTENCES = 160;

    public function test_the_core_is_pure(): void
    {
        foreach ($this->files('core') as $path => $code) {
            self::assertStringContainsString('declare(strict_types=1);', $code, $path);
            self::assertDoesNotMatchRegularExpression(
                '/\b(Illuminate|App|Carbon|Laravel|Symfony)\\\\|\b(time|microtime|hrtime|date|strtotime|mt_rand|rand|random_int|random_bytes|uniqid|shuffle|array_rand|getenv|env|config|now|app|file_put_contents|fopen|curl_init|error_log)\(|\$GLOBALS|\$_[A-Z]+|new (\\\\)?DateTimeImmutable\(\s*\)|\bstatic \$/',
                self::code($code),
                $path,
            );
        }
    }

    /** Views are given what they show: they make nothing, call no class by its name, and compute no more than a name. */
    public function test_views_hold_no_logic(): void
    {
        foreach ($this->files('resources/views') as $path => $code) {
            self::assertDoesNotMatchRegularExpression('/\bnew [A-Z]|\b[A-Z]\w+::|\bApp\\\\|\{!!/', $code, $path);
            preg_match_all('/@php\((.*)\)/', $code, $named);
            foreach ($named[1] as $name) {
                self::assertDoesNotMatchRegularExpression('/ fn |array_|collect\(|;/', $name, $path);
            }
        }
    }

    public function test_lines_are_short(): void
    {
        $long = [];
        foreach (['app', 'core', 'config', 'routes', 'database', 'resources/views'] as $folder) {
            foreach ($this->files($folder) as $path => $code) {
                foreach (explode("\n", $code) as $n => $line) {
                    $isWords = preg_match('/[\'"][^\'"]{40,}|https?:|\{\{ |__\(/', $line) === 1;
                    $most = match (true) {
                        $isWords => self::COLUMNS_OF_SENTENCES,
                        str_ends_with($path, '.blade.php') => self::COLUMNS_OF_VIEWS,
                        default => self::COLUMNS,
                    };
                    $isDrawn = str_contains($path, 'sprite') || str_contains($path, '/data/');
                    if (mb_strlen($line) > $most && ! $isDrawn) {
                        $long[] = $path.':'.($n + 1);
                    }
                }
            }
        }
        self::assertSame([], $long);
    }

    /** So many were there when they were first counted: a class that one other uses is often a part of it. */
    private const SMALL_WITH_ONE_CALLER = 102;

    public function test_small_classes_with_one_caller_become_no_more(): void
    {
        $names = $lines = [];
        foreach (['app', 'core', 'routes', 'config', 'bootstrap', 'resources/views', 'database'] as $folder) {
            foreach ($this->files($folder) as $path => $code) {
                preg_match_all('/\b[A-Z]\w+\b/', self::code($code), $found);
                $names[$path] = array_flip($found[0]);
                $isClass = str_starts_with($path, 'app/') || str_starts_with($path, 'core/');
                if ($isClass && ! str_contains($path, '/data/')) {
                    $lines[$path] = substr_count($code, "\n");
                }
            }
        }
        $one = $small = 0;
        foreach ($lines as $path => $n) {
            $name = basename($path, '.php');
            unset($names[$path][$name]);
            $callers = count(array_filter($names, static fn (array $of): bool => isset($of[$name])));
            $one += $callers === 1 ? 1 : 0;
            $small += $callers === 1 && $n < 40 ? 1 : 0;
        }
        fwrite(STDERR, sprintf(' [%d classes, %d with one caller, %d of these small] ', count($lines), $one, $small));
        self::assertLessThanOrEqual(self::SMALL_WITH_ONE_CALLER, $small);
    }

    /** Nothing inline in the pages: the content security policy would stop it. */
    public function test_pages_carry_no_inline_styles_or_handlers(): void
    {
        foreach ($this->files('resources/views') as $path => $code) {
            self::assertDoesNotMatchRegularExpression(
                '/\sstyle=|\son(click|change|submit|load|input)=|javascript:/',
                $code,
                $path,
            );
            self::assertDoesNotMatchRegularExpression('#(src|href)="https?://#', $code, $path);
        }
    }

    /** @return iterable<string, string> path => code */
    private function files(string $folder): iterable
    {
        $root = dirname(__DIR__, 2);
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("$root/$folder", RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file->getExtension() === 'php') {
                yield ltrim(str_replace($root, '', $file->getPathname()), '/') => (string) file_get_contents(
                    $file->getPathname(),
                );
            }
        }
    }

    /** The code without its comments and strings. */
    private static function code(string $php): string
    {
        $kept = array_filter(
            token_get_all($php),
            static fn (array|string $token): bool => ! is_array($token) ||
                ! in_array($token[0], [T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING], true),
        );

        return implode(
            '',
            array_map(static fn (array|string $token): string => is_array($token) ? $token[1] : $token, $kept),
        );
    }
}
