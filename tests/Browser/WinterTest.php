<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;

/** Winter share as a beekeeper uses it: what if this super went, and a hive weighed. */
final class WinterTest extends BrowserTestCase
{
    public function test_a_super_is_dragged_off_and_the_figures_move_at_once(): void
    {
        self::screen(1280, 1000);
        $this->signIn('keeper');
        $this->open('/winter/ekbacken/E1');
        $this->assertAccessible('/winter/ekbacken/E1');
        $before = $this->text('.whatif .big');
        $ticked = (int) self::$browser->executeScript(
            'return document.querySelectorAll(".stackbox input:checked").length',
        );
        self::assertSame(1, $ticked);
        $picture = $this->find('.stackbox:not(.off)[data-super] svg');
        self::$browser->executeScript(
            'window.dragged = [...document.querySelectorAll(".stackbox input")].findIndex((one) => one.checked)',
        );
        self::$browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$picture]);
        (new WebDriverActions(self::$browser))
            ->clickAndHold($picture)
            ->moveByOffset(60, -10)
            ->moveByOffset(60, -10)
            ->release()
            ->perform();
        self::$browser->wait(self::PATIENCE, 50)->until(fn (): bool => $this->text('.whatif .big') !== $before);
        self::assertStringContainsString('calculated: '.$before, $this->text('.whatif .figures'));
        self::assertStringContainsString('Sugar', $this->text('.whatif dl'));
        // By keyboard the tick box does the same.
        self::$browser->executeScript('[...document.querySelectorAll(".stackbox input")][window.dragged].focus()');
        self::$browser->switchTo()->activeElement()->sendKeys(' ');
        self::$browser->wait(self::PATIENCE, 50)->until(fn (): bool => $this->text('.whatif .big') === $before);
        $millis = (float) self::$browser->executeScript(
            'return Math.min(...performance.getEntriesByType("resource").filter((e) => e.name.includes("what-if")).map((e) => e.responseStart - e.requestStart))',
        );
        fwrite(STDERR, sprintf(' [what if: %.0f ms on the server, nothing cached for the tests] ', $millis));
        $this->assertAccessible('what if');
        self::screen(1280, 800);
    }

    public function test_a_hive_is_weighed_and_fed(): void
    {
        $this->signIn('keeper');
        $this->open('/winter/skolgarden/S4');
        $this->click('#stores .cols2 > div:first-child summary');
        $this->type('[name=first]', '31');
        $this->type('[name=second]', '28.5');
        $this->click('form[action$="/weighings"] .btn');
        $this->waitForText('.notice', 'The weighing of S4 is saved');
        self::assertStringContainsString('59.5', $this->text('#stores'));
        $this->click('#stores .cols2 > div:last-child summary');
        $this->type('[name=amount]', '5');
        $this->click('form[action$="/feedings"] .btn');
        $this->waitForText('.notice', 'The feed of S4 is saved');
        $this->assertAccessible('/winter/skolgarden/S4 weighed');
        self::screen(390, 844);
        $this->open('/winter/skolgarden/S4');
        $this->assertAccessible('/winter/skolgarden/S4 at 390');
        self::screen(1280, 800);
    }
}
