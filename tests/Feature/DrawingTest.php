<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\BoxSection;
use App\Drawing\Canvas;
use App\Drawing\DrawnBox;
use App\Drawing\DrawnHive;
use App\Drawing\DrawnSlot;
use App\Drawing\Elevation;
use App\Drawing\Picture;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Facades\Blade;
use Marjoram\Core\Comb\Face;

/** The section drawing: true to scale, filled from the top bar, every hive and box a named link. */
final class DrawingTest extends FeatureTestCase
{
    public function test_boxes_stand_to_true_scale_on_one_ground_line(): void
    {
        $page = $this->parse(self::elevation([$this->hive('A', 2), $this->hive('B', 0)], 'Two hives'));
        $svgs = $page->query('//div[@class="elevation"]/svg') ?: [];
        self::assertCount(2, $svgs);
        $below = [];
        foreach ($svgs as $svg) {
            self::assertInstanceOf(DOMElement::class, $svg);
            $ground = $page->query('.//rect[@class="soil"]', $svg);
            self::assertNotFalse($ground);
            $soil = $ground->item(0);
            self::assertInstanceOf(DOMElement::class, $soil);
            $below[] = (float) $svg->getAttribute('height') - (float) $soil->getAttribute('y');
        }
        self::assertSame($below[0], $below[1]);
        $heights = [];
        foreach ($page->query('(//svg)[1]//rect[@class="slot"]') ?: [] as $slot) {
            self::assertInstanceOf(DOMElement::class, $slot);
            $heights[] = (float) $slot->getAttribute('height');
        }
        // A deep box of 244 mm and two mediums of 168 mm at 0.13 px a mm.
        self::assertEqualsWithDelta([31.7, 21.8, 21.8], $heights, 0.06);
    }

    public function test_a_frame_is_filled_from_the_top_bar_downwards(): void
    {
        $box = $this->box(false, [new DrawnSlot(true, new Face(0.5, 0.25, 0.0, 0.0), new Face(0.5, 0.25, 0.0, 0.0))]);
        $page = $this->parse(self::section(new BoxSection(1.0, false), $box));
        [$capped, $open] = [$this->rect($page, 'cap'), $this->rect($page, 'opn')];
        self::assertEqualsWithDelta($capped['y'] + $capped['h'], $open['y'], 0.11);
        self::assertEqualsWithDelta(0.5, $open['h'] / $capped['h'], 0.01);
        self::assertGreaterThan(0.05 * 168, $capped['y']);
    }

    public function test_the_two_faces_lie_left_and_right_of_the_midrib(): void
    {
        $box = $this->box(false, [new DrawnSlot(true, new Face(1.0, 0.0, 0.0, 0.0), new Face(0.0, 1.0, 0.0, 0.0))]);
        $page = $this->parse(self::section(new BoxSection(0.5), $box));
        [$a, $b] = [$this->rect($page, 'cap'), $this->rect($page, 'opn')];
        self::assertEqualsWithDelta($a['x'] + $a['w'], $b['x'], 0.11);
        self::assertEqualsWithDelta($a['w'], $b['w'], 0.11);
    }

    public function test_what_was_not_looked_at_is_drawn_as_presumed(): void
    {
        $box = $this->box(false, [
            new DrawnSlot(false, new Face(0.4, 0.2, 0.0, 0.0), new Face(0.4, 0.2, 0.0, 0.0)),
            new DrawnSlot(true, new Face(0.4, 0.0, 0.0, 0.0), new Face(0.4, 0.0, 0.0, 0.0)),
        ]);
        $svg = self::section(new BoxSection(0.2), $box);
        self::assertStringContainsString('class="cap pre"', $svg);
        self::assertStringContainsString('class="cap"', $svg);
        self::assertStringContainsString('class="slo dash"', $svg);
    }

    public function test_hives_and_boxes_are_links_with_words_and_marks_have_glyphs(): void
    {
        $page = $this->parse(self::elevation([$this->hive('E1', 1)], 'Elevation of <Ek>'));
        self::assertSame('Elevation of <Ek>', $page->evaluate('string(//div[@class="elevation"]/@aria-label)'));
        self::assertSame('/hive/E1', $page->evaluate('string(//a[@class="hivecode"]/@href)'));
        self::assertStringContainsString('take 1', (string) $page->evaluate('string(//a[@class="hivecode"])'));
        self::assertSame('E1, super 1: Take', $page->evaluate('string(//a[@href="/box/1"]/@aria-label)'));
        self::assertSame('#v-take', $page->evaluate('string(//a[@href="/box/1"]/use/@href)'));
    }

    public function test_the_excluder_and_the_reserve_line_stand_where_they_should(): void
    {
        $hive = $this->hive('E1', 2);
        $without = self::elevation([new DrawnHive('E1', $hive->boxes, false)], 'x');
        $with = self::elevation([$hive], 'x');
        self::assertStringNotContainsString('class="exc"', $without);
        // Two lines, as the wires of a grid.
        self::assertSame(2, substr_count($with, 'class="exc"'));
        $line = function (int $below) use ($hive): float {
            $page = $this->parse(
                self::elevation([new DrawnHive('E1', $hive->boxes, true, reserveAfter: $below)], 'x'),
            );
            preg_match('/M0 ([\d.]+)/', (string) $page->evaluate('string(//path[@class="resl"]/@d)'), $y);

            return (float) ($y[1] ?? 0);
        };
        self::assertGreaterThan($line(2), $line(1));
        self::assertEqualsWithDelta(168 * 0.13 + 14 * 0.13, $line(1) - $line(2), 0.2);
    }

    public function test_a_yard_without_hives_and_a_hive_without_boxes_are_drawn(): void
    {
        self::assertStringContainsString('class="elevation"', self::elevation([], 'empty'));
        self::assertStringContainsString('no box', self::elevation([new DrawnHive('X', [])], 'x'));
    }

    private function hive(string $code, int $supers): DrawnHive
    {
        $boxes = [$this->box(true, [])];
        for ($i = 1; $i <= $supers; $i++) {
            $boxes[] = new DrawnBox((string) $i, 168.0, 413.0, 373.0, [], false, 'take', "$code, super $i: Take", "/box/$i");
        }

        return new DrawnHive($code, $boxes, true, "/hive/$code", ["take $supers"]);
    }

    /** @param  list<DrawnSlot>  $slots */
    private function box(bool $brood, array $slots): DrawnBox
    {
        return new DrawnBox('0', $brood ? 244.0 : 168.0, 413.0, 373.0, $slots, $brood);
    }

    /** @param  list<DrawnHive>  $hives */
    private static function elevation(array $hives, string $label): string
    {
        $picture = (new Elevation(0.13))->of($hives, $label);

        return Blade::render('<x-drawing.elevation :of="$of" />', ['of' => $picture]);
    }

    private static function section(BoxSection $section, DrawnBox $box): string
    {
        $canvas = new Canvas;
        $section->draw($canvas, $box, 0.0, 0.0);
        $picture = new Picture(500.0, 300.0, $canvas->shapes(), 'a box');

        return Blade::render('<x-drawing.picture :of="$of" />', ['of' => $picture]);
    }

    private function parse(string $markup): DOMXPath
    {
        $document = new DOMDocument;
        self::assertTrue($document->loadXML($markup), 'The drawing is well formed.');

        return new DOMXPath($document);
    }

    /** @return array{x: float, y: float, w: float, h: float} of the first rectangle of a path */
    private function rect(DOMXPath $page, string $class): array
    {
        preg_match(
            '/^M([\d.]+) ([\d.]+)h([\d.]+)v([\d.]+)/',
            (string) $page->evaluate("string(//path[@class=\"$class\"]/@d)"),
            $d,
        );

        return [
            'x' => (float) ($d[1] ?? 0),
            'y' => (float) ($d[2] ?? 0),
            'w' => (float) ($d[3] ?? 0),
            'h' => (float) ($d[4] ?? 0),
        ];
    }
}
