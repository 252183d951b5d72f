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
    /** Who uses whom inside the core: each arrow is here, and each that is here is drawn. */
    private const CORE = [
        'Calibration' => ['Comb', 'Moisture'],
        'Clearing' => ['Numerics'],
        'Comb' => ['Numerics'],
        'Flow' => [],
        'Frames' => [],
        'HoneyRoom' => [],
        'Lifting' => ['Numerics'],
        'Moisture' => ['Numerics'],
        'Notes' => ['Comb', 'Moisture'],
        'Numerics' => [],
        'Practise' => ['Moisture', 'Numerics'],
        'Reserve' => ['Numerics'],
        'Ripeness' => ['Comb', 'Moisture', 'Numerics'],
        'Rounds' => ['Clearing', 'Numerics'],
        'Rotor' => ['Numerics'],
        'Drying' => ['Numerics'],
        'Sheet' => ['Calibration', 'Comb', 'Moisture', 'Reserve', 'Ripeness'],
        'Spin' => ['Rotor', 'Viscosity'],
        'Viscosity' => ['Comb', 'Numerics'],
        'Yields' => ['Numerics'],
    ];

    /** The same of the application; beside these any room may use the core and Support. */
    private const APP = [
        'Account' => ['Models', 'Operation', 'Places', 'Records'],
        'Assess' => ['Drawing', 'Models', 'Operation', 'Records', 'Wording', 'YardState'],
        'Calc' => ['Wording'],
        'Calibrate' => ['Devices', 'Drawing', 'Models', 'Operation', 'YardState'],
        'Clear' => ['Drawing', 'Models', 'Operation', 'Wording', 'YardState'],
        'Compare' => ['Drawing', 'Models', 'Operation', 'Transfer', 'YardState'],
        'Console' => ['Calc', 'Devices', 'HoneyRoom', 'Models', 'Operation', 'Records', 'Rounds', 'Transfer'],
        'Day' => ['Drawing', 'Models', 'Operation', 'Wording', 'YardState'],
        'Desk' => ['Drawing', 'Models', 'Operation', 'Records', 'YardState'],
        'Devices' => [],
        'Drawing' => [],
        'Field' => ['Drawing', 'Models', 'Operation', 'Records', 'Wording', 'YardState'],
        'Frames' => ['Drawing', 'Models', 'Operation', 'YardState'],
        'HoneyRoom' => ['Devices', 'Drawing', 'Models', 'Operation', 'Records', 'Wording', 'YardState'],
        'Models' => ['Records'],
        'Operation' => ['Models', 'Records'],
        'Places' => [],
        'Practise' => ['Drawing', 'Models'],
        'Providers' => ['Desk', 'Devices', 'Models', 'Operation', 'Records', 'Wording', 'YardState'],
        'Records' => [],
        'Rounds' => ['Drawing', 'Models', 'Operation', 'Records', 'Wording', 'YardState'],
        'Support' => [],
        'Transfer' => ['Devices', 'Models', 'Operation', 'Records'],
        'Watch' => ['Drawing', 'Models', 'Operation', 'Records', 'Wording', 'YardState'],
        'Weather' => ['Devices', 'Models', 'Operation'],
        'Winter' => ['Drawing', 'Models', 'Operation', 'Wording', 'YardState'],
        'Wording' => [],
        'YardState' => ['Devices', 'Drawing', 'Models', 'Operation', 'Records', 'Wording'],
        'Yards' => ['Drawing', 'Models', 'Operation', 'Places', 'YardState'],
    ];

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

    public function test_each_arrow_of_the_core_is_known(): void
    {
        self::assertEquals(self::CORE, $this->arrows('core', '/Marjoram\\\\Core\\\\(\w+)[\\\\;]/', self::CORE, []));
        foreach ($this->files('core') as $path => $code) {
            self::assertContains(explode('/', $path)[1], [
                ...array_keys(self::CORE),
                'InvalidInput.php',
                'Statement.php',
            ], "$path stands outside the modules.");
        }
    }

    public function test_each_arrow_of_the_application_is_known(): void
    {
        self::assertEquals(self::APP, $this->arrows('app', '/\bApp\\\\(\w+)\\\\/', self::APP, ['Support']));
    }

    public function test_no_arrow_leads_back(): void
    {
        foreach ([self::CORE, self::APP] as $arrows) {
            while ($arrows !== []) {
                $ends = array_keys(array_filter($arrows, static fn (array $to): bool => $to === []));
                self::assertNotSame([], $ends, 'A circle: '.json_encode($arrows));
                $arrows = array_map(
                    static fn (array $to): array => array_values(array_diff($to, $ends)),
                    array_diff_key($arrows, array_flip($ends)),
                );
            }
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

    /**
     * @param  array<string, list<string>>  $rooms
     * @param  list<string>  $free  rooms that any may use
     * @return array<string, list<string>>
     */
    private function arrows(string $folder, string $pattern, array $rooms, array $free): array
    {
        $arrows = array_fill_keys(array_keys($rooms), []);
        foreach ($this->files($folder) as $path => $code) {
            $room = explode('/', $path)[1];
            preg_match_all($pattern, $code, $used);
            $foreign = array_diff(array_intersect($used[1], $this->rooms($folder)), [$room, ...$free]);
            $arrows[$room] = array_unique([...($arrows[$room] ?? []), ...$foreign]);
        }
        $known = array_intersect_key($arrows, array_flip($this->rooms($folder)));

        return array_map(static function (array $to): array {
            sort($to);

            return $to;
        }, $known);
    }

    /** @return list<string> */
    private function rooms(string $folder): array
    {
        $root = dirname(__DIR__, 2)."/$folder";

        return array_values(array_filter(scandir($root) ?: [], static fn (string $one): bool => $one[0] !== '.' && is_dir("$root/$one")));
    }
}
