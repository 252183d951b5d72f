<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Dependencies point one way; the core knows no framework, clock, chance or environment. */
final class HouseRulesTest extends TestCase
{
    /** Who may use whom inside the core (and itself always). */
    private const CORE = [
        'Numerics' => [],
        'Comb' => ['Numerics'],
        'Moisture' => ['Numerics'],
        'Lifting' => ['Numerics'],
        'Flow' => ['Numerics'],
        'Ripeness' => ['Numerics', 'Comb', 'Moisture'],
        'Reserve' => ['Numerics', 'Comb', 'Ripeness'],
        'Clearing' => ['Numerics', 'Comb', 'Lifting', 'Ripeness'],
        'Rounds' => ['Numerics'],
        'HoneyRoom' => ['Numerics', 'Comb', 'Moisture'],
        'Yields' => ['Numerics'],
        'Calibration' => ['Numerics', 'Comb', 'Moisture'],
        'Practise' => ['Numerics', 'Moisture'],
    ];

    /** Who may use whom in the application, beside Models, Support and the core. */
    private const APP = [
        'Models' => [],
        'Support' => [],
        'Calc' => [],
        'Http' => [],
        'Watch' => ['Assess'],
        'Devices' => [],
        'Practise' => [],
        'Calibrate' => ['Assess', 'Devices', 'Winter', 'Yards'],
        'Assess' => ['Watch', 'Yards', 'Devices'],
        'Yards' => ['Assess'],
        'Winter' => ['Assess', 'Yards'],
        'Clear' => ['Assess', 'Devices', 'Watch', 'Winter', 'Yards'],
        'HoneyRoom' => [],
        'Compare' => [],
        'Account' => ['Winter'],
        'Start' => ['Yards'],
        'Desk' => ['Assess', 'Watch', 'Winter', 'Clear', 'HoneyRoom', 'Compare', 'Yards'],
    ];

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

    public function test_the_modules_of_the_core_use_only_those_below_them(): void
    {
        foreach ($this->files('core') as $path => $code) {
            $module = explode('/', $path)[1];
            if (! isset(self::CORE[$module])) {
                self::assertContains($module, ['InvalidInput.php', 'README.md'], "$path stands outside the modules.");

                continue;
            }
            preg_match_all('/Marjoram\\\\Core\\\\(\w+)\\\\/', $code, $used);
            self::assertSame(
                [],
                array_values(array_diff(array_unique($used[1]), [$module, ...self::CORE[$module]])),
                $path,
            );
        }
    }

    public function test_models_know_neither_stages_nor_the_core(): void
    {
        foreach ($this->files('app/Models') as $path => $code) {
            self::assertDoesNotMatchRegularExpression(
                '/use (Marjoram\\\\Core|App\\\\(?!Models|Support\\\\(Conflict|CurrentOperation|Touched)))/',
                $code,
                $path,
            );
        }
    }

    public function test_stages_use_only_what_comes_before_them(): void
    {
        foreach ($this->files('app') as $path => $code) {
            $stage = explode('/', $path)[1];
            if (! isset(self::APP[$stage])) {
                continue;
            }
            preg_match_all('/\\\\?App\\\\(\w+)\\\\/', $code, $used);
            $foreign = array_diff(array_unique($used[1]), [$stage, 'Models', 'Support', ...self::APP[$stage]]);
            self::assertSame([], array_values($foreign), $path);
        }
    }

    public function test_files_stay_about_one_thing(): void
    {
        foreach (
            [...iterator_to_array($this->files('core')), ...iterator_to_array($this->files('app'))] as $path => $code
        ) {
            self::assertLessThan(250, substr_count($code, "\n"), "$path is long: is it still about one thing?");
        }
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
