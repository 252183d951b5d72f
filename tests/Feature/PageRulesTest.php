<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Clearing;
use App\Models\Lot;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Facades\Cache;
use Illuminate\Translation\Translator;

/** What holds on every page: keys in forms, labels for fields, ids once, nothing from outside, words through the translator. */
final class PageRulesTest extends FeatureTestCase
{
    private const PAGES = [
        '/',
        '/watch',
        '/watch/ekbacken',
        '/watch/ekbacken?span=season',
        '/watch/ekbacken/scales',
        '/assess',
        '/assess/ekbacken',
        '/assess/ekbacken/E3',
        '/winter',
        '/winter/ekbacken/E8',
        '/clear',
        '/clear/tegelbruket',
        '/clear/rounds',
        '/clear/rounds/new',
        '/clear/drives?from=ekbacken',
        '/clear/days/2026-08-06',
        '/honey-room',
        '/honey-room/lots',
        '/honey-room/door',
        '/honey-room/warm',
        '/honey-room/extractor',
        '/honey-room/blend',
        '/honey-room/jars',
        '/honey-room/batches',
        '/honey-room/equipment',
        '/compare',
        '/compare/queens',
        '/compare/yards',
        '/compare/plan',
        '/compare/out',
        '/compare?hive=E8&sort=index',
        '/calibrate',
        '/yards',
        '/yards/norra-heden/N2',
        '/account',
        '/account/policy',
        '/account/trail',
        '/account/bin',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_every_page_keeps_the_rules_of_the_house(): void
    {
        foreach ([
            ...self::PAGES,
            '/honey-room/'.Lot::query()->where('code', 'L26-T2')->value('id'),
            '/honey-room/batches/'.Batch::query()->value('id'),
        ] as $url) {
            $html = (string) $this->get($url)->assertOk()->getContent();
            $page = $this->parse($html);
            self::assertSame(1, $this->howMany($page, '//h1'), "$url has one heading of the first rank");
            self::assertSame(1, $this->howMany($page, '//main'), $url);
            self::assertSame([], $this->repeated($page), "$url: ids stand once");
            self::assertSame([], $this->withoutLabel($page), "$url: every field has a label");
            self::assertDoesNotMatchRegularExpression(
                '#(src|href|action)="(https?:)?//(?!localhost|127\.0\.0\.1)#',
                $html,
                "$url: nothing from outside",
            );
            self::assertDoesNotMatchRegularExpression(
                '#<(script|style)(?![^>]*nonce=)[^>]*>#',
                $html,
                "$url: no script without the nonce",
            );
            foreach ($page->query('//form[@method="post"]') ?: [] as $form) {
                self::assertInstanceOf(DOMElement::class, $form);
                self::assertSame(
                    1,
                    $this->howMany($page, './/input[@name="_token"]', $form),
                    "$url: a token in each form",
                );
                if (! str_ends_with($form->getAttribute('action'), '/sign-out')) {
                    self::assertSame(
                        1,
                        $this->howMany($page, './/input[@name="_key"]', $form),
                        "$url: a key in each form",
                    );
                }
            }
        }
    }

    public function test_a_viewer_is_offered_nothing_that_would_be_refused(): void
    {
        $this->as('viewer');
        foreach (self::PAGES as $url) {
            $page = $this->parse((string) $this->get($url)->assertOk()->getContent());
            $offered = [];
            foreach ($page->query('//main//form[@method="post"] | //aside//form[@method="post"]') ?: [] as $form) {
                $offered[] =
                    $form instanceof DOMElement ? (string) parse_url($form->getAttribute('action'), PHP_URL_PATH) : '';
            }
            // Their own account is theirs; the policy is shown as a form without a button.
            $own = [
                '/account',
                '/account/password',
                '/account/tokens',
                '/account/operation',
                '/account/policy',
            ];
            $offered = array_values(array_diff($offered, $own));
            self::assertSame([], $offered, $url);
        }
    }

    /** A translator that marks all it says: what stands unmarked on a page never went through it. */
    public function test_words_go_through_the_translator(): void
    {
        // What was cached has its words already.
        Cache::flush();
        $this->app->instance(
            'translator',
            new class(app('translator')->getLoader(), 'en') extends Translator {
                public function get($key, array $replace = [], $locale = null, $fallback = true)
                {
                    $said = parent::get($key, $replace, $locale, $fallback);

                    return is_string($said) ? "\u{27E6}$said\u{27E7}" : $said;
                }

                public function choice($key, $number, array $replace = [], $locale = null)
                {
                    return "\u{27E6}".
                        str_replace(["\u{27E6}", "\u{27E7}"], '', parent::choice($key, $number, $replace, $locale)).
                        "\u{27E7}";
                }
            },
        );
        $data =
            '/Marjoram|Ekbacken|Tegelbruket|Norra|Heden|Skolgården|Europe|Stockholm|Austral|Keeper|Partner|Helper|Viewer|Langstroth|British|National|Dadant|Blatt|frames|deep|medium|shallow|brood|super|Mites|late|summer|Summer|Spring|slope|morning|south|rape|demo|example|Bench|Hand|refractometer|Heather|Letter|Enter|mild|minty|lime|clover|Lime|Rape|Scale under the oak|Steel|tank|Pound|Small|White|bucket|gate|pail|jar|stand/';
        foreach (
            [
                '/',
                '/watch/ekbacken',
                '/assess/ekbacken/E3',
                '/winter/ekbacken/E8',
                '/clear/ekbacken',
                '/clear/rounds',
                '/clear/rounds/new',
                '/clear/drives?from=ekbacken',
                '/honey-room',
                '/honey-room/lots',
                '/honey-room/door',
                '/honey-room/warm',
                '/honey-room/extractor',
                '/honey-room/blend',
                '/honey-room/batches',
                '/honey-room/equipment',
                '/compare',
                '/compare/queens',
                '/compare/yards',
                '/compare/plan',
                '/compare/out',
                '/watch/ekbacken/scales',
                '/calibrate',
                '/practise',
                '/practise/scale',
                '/assess/ekbacken',
                '/yards/norra-heden',
                '/account/policy',
            ] as $url
        ) {
            $page = $this->parse((string) $this->get($url)->assertOk()->getContent());
            $text = '';
            foreach ($page->query('//body//text()[not(ancestor::script) and not(ancestor::title)]') ?: [] as $node) {
                $text .= ' '.$node->nodeValue;
            }
            do {
                $text = (string) preg_replace('/\x{27E6}[^\x{27E6}\x{27E7}]*\x{27E7}/u', ' ', $text, -1, $found);
            } while ($found > 0);
            preg_match_all('/\b[\pL]{4,}\b/u', (string) preg_replace($data, ' ', $text), $words);
            self::assertSame([], array_values(array_unique($words[0])), $url);
        }
    }

    public function test_pages_say_how_a_figure_was_obtained(): void
    {
        $estimate = (string) $this->get('/assess/ekbacken/E4')->getContent();
        self::assertStringContainsString('not inspected, all estimated', $estimate);
        self::assertMatchesRegularExpression('/~[\d.]+\x{202F}kg\s+<span class="rng">\([\d.]+ to [\d.]+\)/u', $estimate);
        self::assertStringContainsString('estimated', (string) $this->get('/winter/ekbacken/E1')->getContent());
        self::assertStringContainsString(
            'weighed of',
            (string) $this->get('/honey-room/'.Lot::query()->value('id'))->getContent(),
        );
        self::assertSame(0, Clearing::query()->count());
    }

    public function test_an_error_is_at_its_field_which_has_the_focus_and_keeps_what_was_typed(): void
    {
        $this->get('/yards/ekbacken');
        $bad = ['what' => 'Acid in autumn', 'supers_off_by' => 'soon', 'may_return' => ''];
        $page = $this->parse((string) $this->send('POST', '/yards/ekbacken/treatments', $bad, from: '/yards/ekbacken')
            ->assertStatus(422)
            ->getContent());
        self::assertSame(1, $this->howMany($page, '//*[@autofocus]'));
        self::assertSame(1, $this->howMany($page, '//input[@name="supers_off_by"][@autofocus][@aria-invalid="true"]'));
        self::assertSame(1, $this->howMany($page, '//input[@name="what"][@value="Acid in autumn"]'));
        self::assertSame(1, $this->howMany($page, '//*[contains(@class, "err")][@id = //input[@autofocus]/@aria-describedby]'));
    }

    public function test_cautions_stand_where_they_matter(): void
    {
        foreach (
            [
                '/assess/ekbacken/E3' => 'Stings and allergy',
                '/winter/ekbacken' => 'Never feed while honey supers',
                '/clear/ekbacken' => 'two people or a tilting stand',
                '/honey-room' => 'infants under 12 months',
                '/yards/ekbacken' => 'product label and local law',
            ] as $url => $words
        ) {
            $this->get($url)->assertOk()->assertSee($words);
        }
    }

    private function parse(string $html): DOMXPath
    {
        $document = new DOMDocument;
        libxml_use_internal_errors(true);
        $document->loadHTML('<?xml encoding="UTF-8">'.$html);
        libxml_clear_errors();

        return new DOMXPath($document);
    }

    private function howMany(DOMXPath $page, string $query, ?DOMElement $in = null): int
    {
        return (int) ($page->query($query, $in) ?: [])->length;
    }

    /** @return list<string> */
    private function repeated(DOMXPath $page): array
    {
        $ids = [];
        foreach ($page->query('//@id') ?: [] as $id) {
            $ids[] = (string) $id->nodeValue;
        }

        return array_values(array_unique(array_diff_assoc($ids, array_unique($ids))));
    }

    /** @return list<string> */
    private function withoutLabel(DOMXPath $page): array
    {
        $bare = [];
        foreach ($page->query('//input[not(@type="hidden")] | //select | //textarea') ?: [] as $field) {
            self::assertInstanceOf(DOMElement::class, $field);
            $labelled =
                $field->hasAttribute('aria-label') ||
                $this->howMany($page, 'ancestor::label', $field) > 0 ||
                ($field->getAttribute('id') !== '' &&
                    $this->howMany($page, '//label[@for="'.$field->getAttribute('id').'"]') > 0);
            if (! $labelled) {
                $bare[] = $field->getAttribute('name');
            }
        }

        return $bare;
    }
}
