<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** One beekeeper's harvest through all six stages in the real interface, by mouse and by keyboard. */
final class SliceTest extends BrowserTestCase
{
    public function test_the_slice_by_mouse(): void
    {
        self::screen(1280, 800);
        $this->signIn('keeper');
        $this->click('.stages a:nth-child(1)');
        $this->click('.strip a[href$="/watch/skolgarden"]');
        $this->waitForText('h1', 'Skolgården');
        $this->click('input[value="robbing-test:robbed"] + button');
        $this->waitForText('.notice', 'Saved');
        self::assertStringContainsString('The flow is over', $this->text('.why'));

        $this->click('.stages a:nth-child(2)');
        $this->click('.elevation a.hivecode[data-code="S5"] text');
        $this->waitFor('.painter');
        foreach ([6, 4, 8, 7, 5, 9] as $slot) {
            $this->click(".slots a[aria-label^='Frame $slot']");
            $this->waitFor(".slots a[aria-current][aria-label^='Frame $slot']");
            $this->waitFor('[data-ready]');
            foreach (['a', 'b'] as $side) {
                $this->drag($side, 0.94);
            }
            $this->waitForText('[data-status]', 'saved');
        }
        $this->click('.painter form[action$="/shake"] button');
        foreach (['17.1', '17.3'] as $reading) {
            $this->type('[name=value]', $reading);
            $this->click('.painter form[action$="/readings"] .btn');
            $this->waitForText('.notice', 'reading');
        }
        $this->waitForText('.why .say', 'Take this super');

        $this->click('.stages a:nth-child(3)');
        $this->click('.strip a[href$="/winter/skolgarden"]');
        $this->click('.elevation a.hivecode[data-code="S5"] text');
        if (self::$browser->findElements(WebDriverBy::cssSelector('.why details form [name=note]')) !== []) {
            $this->click('.why details summary');
            $this->type('.why details [name=note]', 'Will be fed');
            $this->click('.why details .btn');
            $this->waitForText('.notice', 'may come off');
        }

        $this->click('.stages a:nth-child(4)');
        $this->click('.strip a[href$="/clear/skolgarden"]');
        self::assertStringContainsString('S5', $this->text('.pick'));
        $this->click('input[value="brush"]');
        $this->click('main form .btn.go');
        $this->waitFor('.load');
        self::assertStringContainsString('bee brushes', $this->text('.load'));
        $this->click('.stop form button');
        $this->waitForText('.notice', 'Ticked');
        $plan = $this->path();
        $day = (string) self::$browser->executeScript(
            'return [...document.querySelectorAll("main .sub")].map((e) => e.textContent).join(" ").match(/(\d+) Aug/)[1]',
        );

        $this->open('/account');
        self::$browser->executeScript(
            "document.querySelector('[name=demo_today]').value = '2026-08-".str_pad($day, 2, '0', STR_PAD_LEFT)."'",
        );
        $this->click('form[action$="operation-settings"] .btn.go');
        $this->waitForText('.notice', 'saved');
        $this->open($plan);
        $this->click('form[action$="/collected"] button');
        $this->waitForText('.notice', 'in the honey room');

        $this->tickTheList();
        foreach (['27.35', '26.9'] as $gross) {
            $this->type('[name=gross]', $gross);
            $this->type('[name=tare]', '1.15');
            $this->click('form[action$="/buckets"] .btn.go');
            $this->waitForText('.notice', 'is weighed');
        }
        self::assertStringContainsString('52.0', $this->text('.big'));
        $this->click('.stages a:nth-child(6)');
        $this->click('a[aria-label^="S5:"]');
        self::assertStringContainsString('2026', $this->text('.why'));
        $this->assertAccessible('compare after the slice');
    }

    public function test_the_slice_by_keyboard(): void
    {
        self::screen(1280, 800);
        $this->signIn('keeper');
        $this->keys('1');
        self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => $this->path() === '/watch');
        $this->keys('/');
        self::$browser
            ->switchTo()
            ->activeElement()
            ->sendKeys('n4'.WebDriverKeys::ENTER);
        $this->waitFor('.painter');
        self::assertSame('/assess/norra-heden/N4', $this->path());
        $strokes = 0;
        $this->open('/assess/norra-heden/N4?slot=4#painter');
        foreach ([4, 5, 6] as $slot) {
            $this->waitFor(".slots a[aria-current][aria-label^='Frame $slot']");
            $this->waitFor('[data-ready]');
            $this->keys('9', '8', WebDriverKeys::ENTER);
            $strokes += 3;
            $next = $slot + 1;
            $this->waitFor(".slots a[aria-current][aria-label^='Frame $next']");
        }
        fwrite(STDERR, sprintf(' [%.1f keys a frame] ', $strokes / 3));
        $this->waitForText('[data-status]', 'saved');
        self::assertCount(3, self::$browser->findElements(WebDriverBy::cssSelector('.slots a:not(.unseen)')));
        $this->waitForText('.why', '3 of 10 frames inspected');
        $this->keys(WebDriverKeys::ESCAPE, 'k');
        self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => $this->path() === '/assess/norra-heden/N3');
        // While a super is open digits paint; a stage is left by its link.
        $this->click('.stages a:nth-child(3)');
        self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => $this->path() === '/winter/norra-heden');
        foreach (['4' => '/clear/norra-heden', '5' => '/honey-room', '6' => '/compare'] as $key => $path) {
            $this->keys((string) $key);
            self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => $this->path() === $path, "key $key");
        }
        $this->keys('?');
        $this->waitFor('#keys[open]');
        $this->keys(WebDriverKeys::ESCAPE);
        // Undo takes back the last stroke, wherever one is.
        $this->keys('u');
        self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => str_contains($this->text(), 'Undone'));
    }

    public function test_nothing_is_lost_by_a_reload_or_going_back(): void
    {
        $this->signIn('keeper');
        $this->open('/assess/tegelbruket/T2?slot=8#painter');
        $this->waitFor('[data-ready]');
        $this->keys('7');
        $this->waitForText('[data-status]', 'saved');
        self::$browser->navigate()->refresh();
        $this->waitFor('[data-ready]');
        self::assertStringContainsString('70 %', $this->text('[data-face=a]'));
        $this->open('/honey-room');
        self::$browser->navigate()->back();
        $this->waitFor('[data-ready]');
        self::assertStringContainsString('70 %', $this->text('[data-face=a]'));
    }

    public function test_a_new_operation_draws_its_first_yard(): void
    {
        $this->signUp('Newcomer', 'newcomer@demo.example');
        $this->assertAccessible('/start');
        $this->type('[name=name]', 'Mill');
        $this->type('[name=letter]', 'M');
        $this->type('[name=place]', 'Skara');
        $this->waitFor('#yard-towns option[value^="Skara, Sweden"]');
        $this->type('[name=hives]', '4');
        self::assertCount(4, self::$browser->findElements(WebDriverBy::cssSelector('[data-draw-picture] .lid')));
        $this->click('.btn.go');
        $this->waitFor('.elevation a[data-code="M4"]');
        $this->assertAccessible('/assess/mill');
    }

    private function drag(string $side, float $share): void
    {
        $this->steadily(fn () => $this->stroke($side, $share));
    }

    private function stroke(string $side, float $share): void
    {
        $canvas = $this->find("[data-face=$side] canvas");
        self::$browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$canvas]);
        $size = $canvas->getSize();
        $to = (int) round(10 + $share * ($size->getHeight() - 15) - $size->getHeight() / 2);
        (new WebDriverActions(self::$browser))
            ->moveToElement($canvas, 0, -(int) ($size->getHeight() / 4))
            ->clickAndHold()
            ->moveToElement($canvas, 0, $to)
            ->release()
            ->perform();
    }
}
