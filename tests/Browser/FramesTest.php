<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Frames come off by touch and by keys: chosen, calculated at once, taken, weighed, and back wet by their marks. */
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
        self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => (int) $this->text('#frames-sum .big') === $before + 1);
        self::assertMatchesRegularExpression('/load|carrying box/', $this->text('#frames-sum'));
        $this->assertAccessible('frames calculated at 390');
        self::screen(1280, 800);
        $this->assertAccessible('frames at 1280');
        // A hive is put aside: its frames leave the page and the sum.
        $hives = count(self::$browser->findElements(WebDriverBy::cssSelector('.framehive')));
        $this->steadily(fn () => self::$browser->executeScript('document.querySelector(".choosehives input:checked").click()'));
        self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => count(self::$browser->findElements(WebDriverBy::cssSelector('.framehive'))) === $hives - 1);
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
        // The page of the lot may have asked for it once more after it was gone.
        self::$browser->manage()->getLog('browser');
        $this->open('/frames/tegelbruket');
        self::assertSame($before, (int) $this->text('#frames-sum .big'));
    }

    public function test_a_season_of_six_hives_frame_by_frame(): void
    {
        self::screen(1280, 800);
        $this->beginRow();
        foreach (range(1, 6) as $hive) {
            $this->paint("R$hive");
        }
        $hives = implode('&', array_map(static fn (int $n): string => "hives[]=R$n", range(1, 6)));
        $this->open("/frames/row?$hives");
        $stood = count(self::$browser->findElements(WebDriverBy::cssSelector('.frameslot:not(.gap)')));
        // Three hives by keys, three by touch: one key or one tap a frame.
        $this->chooseOnly([], fn (RemoteWebElement $frame) => null);
        $this->chooseOnly(range(1, 3), function (RemoteWebElement $frame): void {
            self::$browser->executeScript('arguments[0].focus()', [$frame]);
            self::$browser->getKeyboard()->sendKeys(WebDriverKeys::SPACE);
        });
        $this->waitForText('#frames-sum .big', '12');
        self::screen(390, 844);
        $this->chooseOnly(range(4, 6), function (RemoteWebElement $frame): void {
            self::$browser->executeScript('arguments[0].parentNode.scrollIntoView({block: "center"})', [$frame]);
            $frame->click();
        });
        $this->waitForText('#frames-sum .big', '24');
        $this->assertAccessible('a row of six hives at 390');
        self::screen(1280, 800);
        $this->steadily(fn () => self::$browser->executeScript('document.querySelector("#frames-sum .btn.go").focus()'));
        self::$browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->waitForText('.notice', '24 frames are on their way');
        $lot = $this->path();
        // What the buckets hold is shared out to the hives, whatever was judged.
        $this->tickTheList();
        foreach (['21.40', '20.85'] as $gross) {
            $this->type('form[action$="/buckets"] [name=gross]', $gross);
            $this->type('form[action$="/buckets"] [name=tare]', '1.15'.WebDriverKeys::ENTER);
            $this->waitForText('.notice', 'Bucket');
        }
        self::assertStringContainsString('A frame gave', $this->text());
        $kg = 0.0;
        foreach (self::$browser->findElements(WebDriverBy::cssSelector('form[action*="/supers/"]')) as $form) {
            $cells = self::$browser->executeScript('return arguments[0].closest("tr").cells[2].textContent', [$form]);
            $kg += (float) $cells;
        }
        self::assertEqualsWithDelta(39.95, $kg, 24 * 0.051, 'what the frames are allotted is what was weighed');
        // 24 frames fewer stand now, none is missing at the end: what was gathered left each box its gaps.
        $this->open("/frames/row?$hives");
        self::assertSame($stood - 24, count(self::$browser->findElements(WebDriverBy::cssSelector('.frameslot:not(.gap)'))));
        // Dragged onto another it changes places with it, onto a gap it goes there; undone, it is back.
        $this->drag('R1', '[2]/*[1]', '[2]/*[3]');
        $this->waitForText('.notice', 'changed places');
        $this->open("/frames/row?$hives");
        $this->drag('R1', '[1]/*[4]', '[1]/*[10]');
        $this->waitForText('.notice', 'in M');
        $this->open("/frames/row?$hives");
        self::assertNull($this->slot('R1', '[1]/*[10]')->getAttribute('data-gap'));
        self::assertNotNull($this->slot('R1', '[1]/*[4]')->getAttribute('data-gap'));
        $this->open($lot);
        $this->click('form[action$="/return"] .btn');
        $this->waitForText('.notice', 'back');
        $this->open("/frames/row?$hives");
        self::assertSame($stood, count(self::$browser->findElements(WebDriverBy::cssSelector('.frameslot:not(.gap)'))));
        $this->open('/compare');
        $this->assertAccessible('compare of frames');
        foreach (range(1, 6) as $hive) {
            self::assertStringContainsString("R$hive", $this->text());
        }
        // A hive's story says its frames.
        $this->open('/yards/row/R1');
        self::assertStringContainsString('4 frames', $this->text());
    }

    /** A frame slot of a hive by its box, counted from the top, and its place. */
    private function slot(string $hive, string $at): RemoteWebElement
    {
        $path = "(//fieldset[@class='framehive'][legend/b='$hive']//div[@class='frameslots'])$at";

        return self::$browser->findElement(WebDriverBy::xpath($path));
    }

    private function drag(string $hive, string $from, string $onto): void
    {
        $frame = $this->slot($hive, $from);
        self::$browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$frame]);
        (new WebDriverActions(self::$browser))
            ->moveToElement($frame)
            ->clickAndHold()
            ->moveToElement($this->slot($hive, $onto))
            ->release()
            ->perform();
    }

    /** An operation of its own, so that nothing of the demo changes: six hives in a row. */
    private function beginRow(): void
    {
        $this->signUp('Row keeper', 'row'.random_int(1000, 9999).'@demo.example');
        $this->type('[name=name]', 'Row');
        $this->type('[name=letter]', 'R');
        $this->type('[name=place]', '58.39, 13.44');
        $this->type('[name=hives]', '6');
        $this->click('.btn.go');
        $this->waitFor('.elevation a[data-code="R6"]');
    }

    /** The frames of a hive's top super, by keys: nine tenths capped in the middle, less outside. */
    private function paint(string $hive): void
    {
        $this->open("/assess/row/$hive?slot=1#painter");
        $this->waitFor('[data-ready]');
        foreach ([3, 8, 9, 9, 9, 9, 9, 9, 8, 3] as $tenths) {
            foreach ([(string) $tenths, (string) $tenths, WebDriverKeys::ENTER] as $key) {
                self::$browser->getKeyboard()->sendKeys($key);
                usleep(60_000);
            }
        }
        $this->waitForText('[data-status]', 'saved');
    }

    /**
     * Takes back what is proposed, then chooses slots 4 to 7 of the top super of these hives.
     *
     * @param  list<int>  $hives
     * @param  callable(RemoteWebElement): mixed  $choose
     */
    private function chooseOnly(array $hives, callable $choose): void
    {
        if ($hives === []) {
            self::$browser->executeScript('document.querySelectorAll(".frameslot input:checked").forEach((box) => box.click())');
        }
        foreach ($hives as $hive) {
            foreach (range(4, 7) as $slot) {
                $choose($this->slot("R$hive", "[1]/*[$slot]/input"));
            }
        }
    }
}
