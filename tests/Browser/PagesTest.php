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
        self::screen(1280, 800);
        $this->assertAccessible($page);
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
