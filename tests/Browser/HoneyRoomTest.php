<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The bench on the wall: taps at the door, a load that spins through a reload, what another taps seen without asking. */
final class HoneyRoomTest extends BrowserTestCase
{
    public function test_from_the_door_through_the_extractor_to_a_jar(): void
    {
        self::screen(1280, 900);
        $this->signIn('keeper');
        $this->open('/honey-room');
        $this->assertAccessible('the bench');
        $this->waitForText('#bench', '2 awaited');
        // Another person ticks a super at the door; this page shows it by itself.
        $this->tapElsewhere('/honey-room/door', 'form[action*="/arrive"]');
        $from = microtime(true);
        self::$browser->wait(6, 50)->until(fn (): bool => ! str_contains($this->text('#bench'), 'awaited'));
        fwrite(STDERR, sprintf(' [seen after %.1f s] ', microtime(true) - $from));
        $this->open('/honey-room/extractor');
        $this->assertAccessible('the next load');
        $this->click('form[action$="/extractor/load"] button');
        $this->waitForText('.notice', 'is in the extractor');
        $this->click('form[action$="/step"] button');
        $this->waitForText('.notice', 'The extractor is running.');
        self::$browser->wait(4, 50)->until(fn (): bool => preg_match('/^\d\d:\d\d$/', $this->text('.timer')) === 1);
        $left = $this->text('.timer');
        $this->open('/honey-room/extractor');
        self::$browser->wait(4, 50)->until(fn (): bool => preg_match('/^\d\d:\d\d$/', $this->text('.timer')) === 1);
        self::assertLessThanOrEqual($left, $this->text('.timer'), 'the run goes on through a reload');
        $this->assertAccessible('a load that spins');
        $this->click('form[action$="/spun"] button');
        $this->waitForText('.notice', 'is extracted');
        $this->open('/honey-room/warm');
        $this->assertAccessible('the warm room');
        $this->click('form[action$="/sensor"] button');
        $this->waitForText('.notice', 'The room:');
        foreach (['/honey-room/batches', '/honey-room/equipment', '/honey-room/blend', '/honey-room/door'] as $page) {
            $this->open($page);
            $this->assertAccessible($page);
        }
        $this->open('/honey-room/blend');
        $this->click('form[action$="/batches"] button');
        $this->waitForText('.notice', 'settles');
        $this->type('[name=count]', '10');
        $this->click('form[action$="/fills"] button');
        $this->waitForText('.notice', '10 jars are on the shelf');
        $this->assertAccessible('a batch with jars');
    }

    /** For wet hands: what is tapped in the work area is 56 px high at least, what is read 18 px. */
    public function test_targets_and_type_are_for_a_wall(): void
    {
        self::screen(1280, 900);
        $this->signIn('keeper');
        foreach (['/honey-room', '/honey-room/door', '/honey-room/warm', '/honey-room/extractor'] as $page) {
            $this->open($page);
            $small = self::$browser->executeScript(<<<'JS'
                const seen = (e) => e.getClientRects().length > 0;
                const main = document.querySelector('main');
                const low = [...main.querySelectorAll('.btn, input:not([type=hidden]):not([type=checkbox]), select, summary')]
                    .filter((e) => seen(e) && e.getBoundingClientRect().height < 55.5);
                const tiny = [...main.querySelectorAll('p, span, td, th, label, li, b')]
                    .filter((e) => seen(e) && !e.closest('.sr') && e.textContent.trim() && parseFloat(getComputedStyle(e).fontSize) < 17.9);
                return [...low, ...tiny].map((e) => e.tagName + ' ' + e.className + ': ' + e.textContent.trim().slice(0, 30));
                JS);
            self::assertSame([], $small, $page);
        }
        self::screen(390, 844);
        foreach (['/honey-room', '/honey-room/door', '/honey-room/extractor'] as $page) {
            $this->open($page);
            $wide = self::$browser->executeScript('return document.documentElement.scrollWidth - innerWidth');
            self::assertLessThanOrEqual(0, $wide, "$page is wider than a phone");
            $this->assertAccessible("$page at 390");
        }
        self::screen(1280, 800);
    }

    /** In another tab of the same browser, as another person would. */
    private function tapElsewhere(string $path, string $form): void
    {
        $here = self::$browser->getWindowHandle();
        self::$browser->switchTo()->newWindow();
        $this->open($path);
        self::$browser->findElement(WebDriverBy::cssSelector("$form button"))->click();
        $this->waitForText('.notice', 'here');
        self::$browser->close();
        self::$browser->switchTo()->window($here);
    }
}
