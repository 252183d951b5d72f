<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Tests\Support\Arrows;

/** Three layers and what stands beside them; inside a layer, folders use each other one way. */
final class LayersTest extends TestCase
{
    /** What each layer may use; all may use the core's values. */
    private const LAYERS = [
        'Foundation' => [],
        'Models' => ['Foundation'],
        'Drawing' => [],
        'Words' => ['Foundation'],
        'Devices' => ['Foundation', 'Models'],
        'Apiary' => ['Devices', 'Drawing', 'Foundation', 'Models', 'Words'],
        'Api' => ['Foundation', 'Words'],
        'Transfer' => ['Apiary', 'Devices', 'Foundation', 'Models'],
        'Pages' => ['Apiary', 'Devices', 'Drawing', 'Foundation', 'Models', 'Transfer', 'Words'],
        'Console' => ['Api', 'Apiary', 'Devices', 'Foundation', 'Models', 'Pages', 'Transfer', 'Words'],
        'Providers' => ['Apiary', 'Devices', 'Foundation', 'Models', 'Pages', 'Words'],
    ];

    private const DOCS = 'docs/architecture.md';

    public function test_arrows_between_layers_point_one_way(): void
    {
        $layers = Arrows::read('app', 'App')->atDepth(1)->counts;
        self::assertSame([], array_diff(array_keys($layers), array_keys(self::LAYERS)), 'A folder that is no layer');
        foreach ($layers as $layer => $used) {
            self::assertSame([], array_diff(array_keys($used), self::LAYERS[$layer]), "$layer uses what it may not.");
        }
    }

    public function test_no_page_uses_another(): void
    {
        foreach (Arrows::read('app', 'App')->atDepth(2)->counts as $from => $used) {
            if (str_starts_with($from, 'Pages.')) {
                $others = array_filter(array_keys($used), static fn (string $to): bool => str_starts_with($to, 'Pages'));
                self::assertSame([], $others, $from);
            }
        }
    }

    public function test_no_folders_use_each_other_in_a_circle(): void
    {
        foreach (['app' => 'App', 'core' => 'Marjoram\Core'] as $folder => $namespace) {
            foreach ([1, 2, 3] as $depth) {
                self::assertSame([], Arrows::read($folder, $namespace)->atDepth($depth)->circles(), "$folder, depth $depth");
            }
        }
    }

    /** The picture is read from the code: a new arrow is seen in the change that brings it. */
    public function test_the_picture_in_the_docs_is_that_of_the_code(): void
    {
        $drawn = "```text\n".Arrows::read('app', 'App')->atDepth(2)->drawn()."\n```\n\n"
            ."```text\n".Arrows::read('core', 'Marjoram\Core')->atDepth(1)->drawn()."\n```\n";
        $path = dirname(__DIR__, 2).'/'.self::DOCS;
        $docs = (string) file_get_contents($path);
        $now = preg_replace('/(<!-- arrows -->\n).*(<!-- end of arrows -->)/s', '${1}'.$drawn.'$2', $docs);
        if (getenv('MARJORAM_DRAW') !== false) {
            file_put_contents($path, $now);
        }
        self::assertStringContainsString(
            "<!-- arrows -->\n$drawn<!-- end of arrows -->",
            (string) file_get_contents($path),
            'Draw it again: MARJORAM_DRAW=1 bin/test tests/Architecture/LayersTest.php',
        );
    }

    public function test_a_short_name_stands_for_one_class(): void
    {
        $classes = [...array_keys(Arrows::classes('app', 'App')), ...array_keys(Arrows::classes('core', 'Marjoram\Core'))];
        $names = array_count_values(array_map(
            static fn (string $class): string => substr((string) strrchr($class, '\\'), 1),
            $classes,
        ));
        self::assertSame([], array_filter($names, static fn (int $n): bool => $n > 1));
    }
}
