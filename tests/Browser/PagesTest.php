<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Each main page: no violation that axe can find, nothing wider than the screen, at a desk and in the hand. */
final class PagesTest extends BrowserTestCase
{
    private const PAGES = [
        '/',
        '/watch',
        '/watch/ekbacken',
        '/watch/ekbacken?span=day',
        '/watch/ekbacken?span=season',
        '/watch/ekbacken/scales',
        '/assess',
        '/assess/ekbacken',
        '/assess/ekbacken/E3',
        '/winter',
        '/winter/ekbacken',
        '/clear',
        '/clear/ekbacken',
        '/clear/rounds',
        '/clear/rounds/new',
        '/clear/drives?from=ekbacken',
        '/clear/days/2026-08-06',
        '/clear/days/mend',
        '/compare/notes/grid',
        '/winter/tegelbruket/T3',
        '/honey-room',
        '/honey-room/blend',
        '/honey-room/lots',
        '/honey-room/jars',
        '/frames/ekbacken',
        '/compare',
        '/compare/queens',
        '/compare/yards',
        '/compare/plan',
        '/compare/out',
        '/compare?sort=kg&hive=E8',
        '/practise',
        '/practise?told=3',
        '/practise/scale',
        '/calibrate',
        '/assess/ekbacken/E3?slot=2&on=2026-08-01',
        '/yards',
        '/yards/ekbacken/E3',
        '/yards/table',
        '/leave',
        '/account',
        '/account/policy',
        '/account/trail',
        '/account/bin',
    ];

    /** A page says first what to do; nobody reads more than this before the first deed. */
    private const MOST_WORDS = 220;

    private const SMALL_WORDS = <<<'JS'
        return [...document.querySelectorAll('svg text')].filter((one) => one.getBoundingClientRect().width)
          .filter((one) => parseFloat(getComputedStyle(one).fontSize) * one.getScreenCTM().a < 11)
          .map((one) => one.textContent.trim());
        JS;

    private const PROSE = <<<'JS'
        const isProse = (node) => node.data.trim()
          && !node.parentElement.closest('svg, select, script, style, button, th, td, dl, label, nav, .sr, template')
          // A closed disclosure has a size, and is not read.
          && !node.parentElement.closest('details:not([open]) > :not(summary)');
        const isSeen = (node) => {
          const range = document.createRange();
          range.selectNodeContents(node);
          const { width, top, bottom } = range.getBoundingClientRect();
          return width && top < 800 && bottom > 0;
        };
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        let words = 0;
        while (walk.nextNode()) {
          if (isProse(walk.currentNode) && isSeen(walk.currentNode)) {
            words += walk.currentNode.data.trim().split(/\s+/).length;
          }
        }
        return words;
        JS;

    public function test_every_main_page_at_a_desk_and_in_the_hand(): void
    {
        self::$browser->manage()->deleteAllCookies();
        foreach (['/sign-in', '/forgotten'] as $page) {
            $this->open($page);
            $this->assertAccessibleAtBothSizes($page);
        }
        $this->signIn('keeper');
        foreach ([...self::PAGES, $this->lot()] as $page) {
            $this->open($page);
            $this->assertAccessibleAtBothSizes($page);
        }
        self::screen(390, 844);
        $this->open('/assess/ekbacken/E3');
        [$shown, $small] = self::$browser->executeScript(<<<'JS'
            const targets = [...document.querySelectorAll('.painter button, .painter a, .stages a')]
              .filter((one) => one.offsetParent);
            const isSmall = (one) => one.offsetHeight < 48 || one.offsetWidth < 48;
            return [targets.length, targets.filter(isSmall).map((one) => one.textContent.trim())];
            JS);
        self::assertGreaterThan(30, $shown, 'Tools, tenths, slots and stages');
        self::assertSame([], $small, 'Targets smaller than 48 px');
        self::screen(1280, 800);
    }

    private function assertAccessibleAtBothSizes(string $page): void
    {
        self::screen(390, 844);
        $this->assertAccessible("$page at 390");
        self::assertSame([], self::$browser->executeScript(self::SMALL_WORDS), "$page: words of a drawing under 11 px");
        self::screen(1280, 800);
        $this->assertAccessible($page);
        $words = self::$browser->executeScript(self::PROSE);
        self::assertLessThanOrEqual(self::MOST_WORDS, $words, "$page: words of prose on the first screen");
    }

    public function test_the_dark_and_the_sun_theme_keep_their_contrast(): void
    {
        $this->signIn('partner');
        foreach (['dark', 'sun', 'light'] as $theme) {
            $this->open('/account');
            self::$browser->executeScript("document.querySelector('[name=theme]').value = '$theme'");
            $this->click('form[action$="/account"] .btn.go');
            $this->waitFor("html[data-theme=$theme]");
            foreach (['/', '/assess/ekbacken/E3', '/winter/ekbacken', '/honey-room'] as $page) {
                $this->open($page);
                $this->assertAccessible("$page in $theme", ['color-contrast', 'link-in-text-block']);
            }
        }
    }

    public function test_pages_read_and_forms_work_without_scripts(): void
    {
        $this->signIn('partner');
        $devtools = new \Facebook\WebDriver\Chrome\ChromeDevToolsDriver(self::$browser);
        $devtools->execute('Emulation.setScriptExecutionDisabled', ['value' => true]);
        try {
            $this->open('/assess/tegelbruket/T4');
            $this->click('[data-form] summary');
            $this->find('#n-a-capped')->clear()->sendKeys('42');
            $this->click('[data-form] .btn.go');
            $this->waitForText('.notice', 'is saved');
        } finally {
            $devtools->execute('Emulation.setScriptExecutionDisabled', ['value' => false]);
        }
        $this->open('/watch/tegelbruket');
        self::assertNotEmpty(self::$browser->findElements(WebDriverBy::cssSelector('.chart')));
    }

    private function lot(): string
    {
        $this->open('/honey-room/lots');

        return (string) parse_url((string) $this->find('h2 a')->getAttribute('href'), PHP_URL_PATH);
    }
}
