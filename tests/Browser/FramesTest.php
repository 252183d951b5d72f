<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Frames come off by touch: tapped, reckoned at once, taken, and back wet by their marks. */
final class FramesTest extends BrowserTestCase
{
    public function test_frames_are_tapped_taken_and_go_back_wet(): void
    {
        self::screen(390, 844);
        $this->signIn('keeper');
        $this->open('/frames/tegelbruket');
        $this->assertAccessible('frames at 390');
        $before = (int) $this->text('#frames-sum .big');
        self::assertGreaterThan(0, $before);
        // One more, by a tap on its drawing; the sum and what stays follow by themselves.
        $this->steadily(fn () => self::$browser->executeScript(
            'const box = document.querySelector(".frameslot:not(.brood) input:not(:checked)"); box.scrollIntoView({block: "center"}); box.click()',
        ));
        self::$browser->wait(10, 100)->until(fn (): bool => (int) $this->text('#frames-sum .big') === $before + 1);
        self::assertMatchesRegularExpression('/load|carrying box/', $this->text('#frames-sum'));
        $this->assertAccessible('frames reckoned at 390');
        self::screen(1280, 800);
        $this->assertAccessible('frames at 1280');
        // A hive is put aside: its frames leave the page and the sum.
        $hives = count(self::$browser->findElements(WebDriverBy::cssSelector('.framehive')));
        $this->steadily(fn () => self::$browser->executeScript('document.querySelector(".choosehives input:checked").click()'));
        self::$browser->wait(10, 100)->until(fn (): bool => count(self::$browser->findElements(WebDriverBy::cssSelector('.framehive'))) === $hives - 1);
        $count = (int) $this->text('#frames-sum .big');
        $this->click('#frames-sum .btn.go');
        $this->waitForText('.notice', $count === 1 ? 'frame is on its way' : "$count frames are on their way");
        self::assertStringContainsString('Frames, by their carrying boxes', $this->text('#work'));
        $this->assertAccessible('a lot of frames');
        $this->click('form[action$="/return"] .btn');
        $this->waitForText('.notice', 'back');
        // A super that was emptied came off: its frames wait in store.
        self::assertMatchesRegularExpression('/wet, back in|in store/', $this->text('#work'));
        self::assertStringNotContainsString('in the honey room', $this->text('#work table.stack'));
        // Undone twice, all of it is as it was.
        foreach ([1, 2] as $ignored) {
            $this->click('[data-undo], .notice form button');
            $this->waitForText('.notice', 'Undone');
        }
        $this->open('/frames/tegelbruket');
        self::assertSame($before, (int) $this->text('#frames-sum .big'));
    }
}
