<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Overview\Band;
use App\Apiary\Overview\HiveOverview;
use App\Apiary\Overview\YardOverview;
use App\Drawing\Canvas;
use App\Drawing\ChartParts;
use App\Drawing\Layers;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Foundation\Units\Formatter;
use App\Pages\Compare\Crop;
use App\Pages\Compare\CropChart;
use App\Pages\Compare\HiveSeasons;
use App\Pages\Desk\Miniature;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Collection;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Yields\YardSeason;

/** Pictures hold what they are of, in its place and to its scale. */
final class PicturesTest extends FeatureTestCase
{
    public function test_layers_are_one_path_a_class_in_their_order(): void
    {
        $canvas = new Canvas;
        (new Layers('under', 'over', 'unused'))
            ->add('over', 'M1 1h1')
            ->add('under', 'M0 0h9')
            ->add('over', 'M2 2h2')
            ->add('late', 'M3 3h3')
            ->on($canvas);
        $found = [];
        foreach ($this->xpath($this->svg($canvas))->query('//path') ?: [] as $path) {
            self::assertInstanceOf(DOMElement::class, $path);
            $found[$path->getAttribute('class')] = $path->getAttribute('d');
        }
        self::assertSame(['under' => 'M0 0h9', 'over' => 'M1 1h1M2 2h2', 'late' => 'M3 3h3'], $found);
    }

    public function test_names_and_words_cannot_break_out_of_a_drawing(): void
    {
        $name = '"><script>alert(1)</script>';
        $canvas = (new Canvas)
            ->text('t12', 1.0, 2.0, $name)
            ->link("/assess?hive=$name", $name, static fn (Canvas $inside) => $inside->title($name));
        $svg = $this->svg($canvas);
        self::assertStringNotContainsString('<script', $svg);
        $page = $this->xpath($svg);
        self::assertSame($name, $page->evaluate('string(//text)'));
        self::assertSame($name, $page->evaluate('string(//a/@aria-label)'));
        self::assertSame("/assess?hive=$name", $page->evaluate('string(//a/@href)'));
    }

    public function test_what_may_be_chosen_is_known_by_its_name(): void
    {
        $shapes = (new Canvas)
            ->link('/a', 'a box', static fn (Canvas $inside) => $inside, ['data-box' => 'b1'])
            ->link('/b', 'a hive', static fn (Canvas $inside) => $inside, ['data-code' => 'E3'])
            ->shapes();
        $opened = array_values(array_filter($shapes, static fn (Shape $one): bool => $one->opens));
        self::assertSame(['b1', 'E3'], array_column($opened, 'of'));
        $printed = (string) view('components.drawing.shapes', ['of' => $shapes, 'box' => 'b1', 'code' => null]);
        self::assertSame(1, substr_count($printed, 'aria-current="true"'));
        self::assertStringContainsString('data-box="b1" aria-current="true"', $printed);
        self::assertStringNotContainsString(
            'aria-current',
            (string) view('components.drawing.shapes', ['of' => $shapes, 'box' => null, 'code' => null]),
            'What has no name is not chosen where nothing is.',
        );
    }

    public function test_lengths_are_printed_to_a_tenth_and_never_below_nothing(): void
    {
        $page = $this->xpath($this->svg((new Canvas)->rect('r', 1.04, 2.06, 10.0, -3.0)));
        self::assertSame(
            ['1', '2.1', '10', '0'],
            array_map(
                static fn (string $name): string => (string) $page->evaluate("string(//rect/@$name)"),
                ['x', 'y', 'width', 'height'],
            ),
        );
        self::assertSame('M1.2 3.5h2v4h-2z', Canvas::box(1.16, 3.49, 2.0, 4.0));
        self::assertSame([], (new Canvas)->path('none', '')->shapes(), 'An empty path is not drawn.');
    }

    public function test_gains_stand_on_the_ground_and_losses_hang_from_it(): void
    {
        $canvas = new Canvas;
        ChartParts::gains($canvas, [[10.0, 2.0], [20.0, -1.0], [30.0, 0.0]], 50.0, 4.0, 10.0, false);
        $page = $this->xpath($this->svg($canvas));
        self::assertSame('M10 30h4v20h-4zM30 49h4v1h-4z', $page->evaluate('string(//path[@class="fbar"]/@d)'));
        self::assertSame('M20 50h4v10h-4z', $page->evaluate('string(//path[@class="fbar loss"]/@d)'));
        $presumed = new Canvas;
        ChartParts::gains($presumed, [[10.0, 2.0]], 50.0, 4.0, 10.0, true);
        self::assertSame(1, $this->number($this->svg($presumed), '//path[@class="fbar pr"]'));
    }

    public function test_a_band_lies_about_its_line(): void
    {
        $canvas = new Canvas;
        ChartParts::band($canvas, [[0.0, 9.0, 6.0, 3.0], [10.0, 8.0, 5.0, 2.0]]);
        $page = $this->xpath($this->svg($canvas));
        self::assertSame('M0 6L10 5', $page->evaluate('string(//path[@class="mline"]/@d)'));
        self::assertSame('M0 3L10 2L10 8L0 9z', $page->evaluate('string(//path[@class="mwash"]/@d)'));
        $none = new Canvas;
        ChartParts::band($none, []);
        self::assertSame([], $none->shapes());
    }

    public function test_a_whisker_reaches_from_low_to_high(): void
    {
        $canvas = new Canvas;
        ChartParts::whisker($canvas, 5.0, 40.0, 10.0);
        ChartParts::whiskerAcross($canvas, 5.0, 10.0, 40.0, 3.0);
        $page = $this->xpath($this->svg($canvas));
        self::assertSame('M5 40V10M1 40h8M1 10h8', $page->evaluate('string((//path)[1]/@d)'));
        self::assertSame('M10 5H40M10 2v6M40 2v6', $page->evaluate('string((//path)[2]/@d)'));
    }

    public function test_a_miniature_is_filled_as_far_as_it_is_capped(): void
    {
        $hive = static fn (Band ...$bands): HiveOverview => new HiveOverview(
            'id',
            'E1',
            true,
            [],
            array_values($bands),
            true,
            0.0,
            false,
            null,
        );
        $yard = new YardOverview([
            'E1' => $hive(new Band(244.0, false, 0.0, true), new Band(168.0, true, 1.0, true)),
            'E2' => $hive(new Band(244.0, false, 0.0, true), new Band(168.0, true, 0.5, false)),
        ]);
        $svg = (string) view('components.drawing.picture', ['of' => Miniature::of($yard)]);
        $page = $this->xpath($svg);
        $caps = $this->boxes((string) $page->evaluate('string(//path[@class="cap"]/@d)'));
        self::assertCount(2, $caps);
        self::assertEqualsWithDelta(2.0, $caps[0]['height'] / $caps[1]['height'], 0.1, 'Half as full.');
        self::assertLessThan($caps[1]['x'], $caps[0]['x']);
        self::assertCount(2, $this->boxes((string) $page->evaluate('string(//path[@class="brd"]/@d)')));
        $dashed = $this->boxes((string) $page->evaluate('string(//path[@class="bxo dash"]/@d)'));
        self::assertCount(1, $dashed, 'Nobody has looked into it.');
        self::assertSame(0, $this->number((string) view('components.drawing.picture', [
            'of' => Miniature::of(new YardOverview([])),
        ]), '//path[@class="cap"]'));
    }

    public function test_a_crop_is_drawn_as_its_supers(): void
    {
        $crop = static fn (string $hive, int $season, float $kg, int $supers, bool $weighed): Crop => new Crop(
            'lime-row',
            'Lime Row',
            $hive,
            $season,
            null,
            null,
            new Kilograms($kg, 0.0, 1.0),
            $supers,
            0,
            $weighed,
        );
        $rows = HiveSeasons::of(new Collection([
            $crop('L1', 2025, 20.0, 1, true),
            $crop('L1', 2026, 40.0, 2, true),
            $crop('L2', 2026, 10.0, 1, false),
        ]), 2026, []);
        $mean = new YardSeason('Lime Row', 2026, 2, 2, 50.0, 25.0, 25.0, null, 1.0, 'L1', 'L2');
        $chart = new CropChart(new Formatter, [2025, 2026], 2026, 'L2');
        $picture = $chart->of($rows, $mean, static fn (HiveSeasons $row): string => "/compare?hive=$row->hive");
        $page = $this->xpath((string) view('components.drawing.picture', ['of' => $picture]));
        $chosen = $this->boxes((string) $page->evaluate('string(//path[@class="crop"]/@d)'));
        self::assertCount(2, $chosen);
        self::assertEqualsWithDelta($chosen[0]['height'], $chosen[1]['height'], 0.11);
        self::assertEqualsWithDelta($chosen[0]['y'], $chosen[1]['y'] + $chosen[1]['height'], 0.11, 'One on the other.');
        $before = $this->boxes((string) $page->evaluate('string(//path[@class="crop old"]/@d)'));
        self::assertEqualsWithDelta($chosen[0]['height'], $before[0]['height'], 0.11, '20 kg a box in both seasons.');
        self::assertLessThan($chosen[0]['x'], $before[0]['x'], 'Older seasons left.');
        self::assertSame(1, (int) $page->evaluate('count(//path[@class="crop est"])'));
        self::assertSame(1, (int) $page->evaluate('count(//rect[@class="selw"])'), 'The chosen hive.');
        self::assertSame('/compare?hive=L2', $page->evaluate('string((//a)[2]/@href)'));
        self::assertStringContainsString('2025 20', (string) $page->evaluate('string((//a)[1]/@aria-label)'));
    }

    public function test_a_picture_says_what_it_is_of(): void
    {
        $links = new Picture(10.0, 5.0, [], 'Two hives', hasLinks: true);
        $image = new Picture(10.04, 5.0, [], 'One chart', more: ['data-x' => 'y']);
        $page = $this->xpath((string) view('components.drawing.picture', ['of' => $links]));
        self::assertSame('group', $page->evaluate('string(//svg/@role)'));
        $page = $this->xpath((string) view('components.drawing.picture', ['of' => $image]));
        self::assertSame(
            ['img', 'One chart', '0 0 10 5', 'y'],
            array_map(
                static fn (string $name): string => (string) $page->evaluate("string(//svg/@$name)"),
                ['role', 'aria-label', 'viewBox', 'data-x'],
            ),
        );
    }

    private function svg(Canvas $canvas): string
    {
        $picture = new Picture(100.0, 100.0, $canvas->shapes(), 'test');

        return (string) view('components.drawing.picture', ['of' => $picture]);
    }

    private function xpath(string $markup): DOMXPath
    {
        $page = new DOMDocument;
        self::assertTrue($page->loadXML($markup), 'A drawing is well formed.');

        return new DOMXPath($page);
    }

    private function number(string $markup, string $query): int
    {
        return (int) $this->xpath($markup)->evaluate("count($query)");
    }

    /**
     * The closed boxes of a path.
     *
     * @return list<array{x: float, y: float, width: float, height: float}>
     */
    private function boxes(string $d): array
    {
        preg_match_all('/M(-?[\d.]+) (-?[\d.]+)h(-?[\d.]+)v(-?[\d.]+)h-?[\d.]+z/', $d, $found, PREG_SET_ORDER);

        return array_map(static fn (array $one): array => [
            'x' => (float) $one[1],
            'y' => (float) $one[2],
            'width' => (float) $one[3],
            'height' => (float) $one[4],
        ], $found);
    }
}
