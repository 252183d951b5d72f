<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The rounds planned in the real interface: searched in the background, a visit moved by keyboard and by drag. */
final class RoundsTest extends BrowserTestCase
{
    public function test_a_yard_in_another_part_of_the_world_is_left_out_and_the_others_are_planned(): void
    {
        self::screen(1280, 800);
        $this->signIn('keeper');
        $this->open('/yards/tegelbruket');
        $at = self::$browser->executeScript(
            'const form = document.querySelector("#yard-place").form;
            return [form.elements.latitude.value, form.elements.longitude.value]',
        );
        assert(is_array($at));
        $this->standAt('Toulouse, France', ['', '']);
        $this->open('/clear/rounds/new');
        $this->waitForText('main', 'Set the place of the honey room first');
        $this->honeyRoomIn('Lund, Sweden', '');
        $this->open('/clear/rounds/new');
        $this->waitForText('main', 'more than four hours away');
        $this->type('[name=seconds]', '1');
        $this->click('main form .btn.go');
        self::$browser->wait(30, 200)->until(fn (): bool => str_contains($this->text('.why'), 'Use this schedule'));
        self::assertStringNotContainsString('Tegelbruket', $this->text('#round-board'));
        $this->open('/clear/rounds');
        $this->assertAccessible('rounds with a yard far off');
        $this->standAt('', array_values($at));
        $this->honeyRoomIn('', '55.9');
    }

    private function honeyRoomIn(string $town, string $latitude): void
    {
        $this->open('/account');
        self::$browser->executeScript(
            'const form = document.querySelector("#honey-room-place").form;
            form.elements.place.value = arguments[0]; form.elements.latitude.value = arguments[1];
            form.elements.longitude.value = ""; form.requestSubmit()',
            [$town, $latitude],
        );
        $this->waitForText('.notice', 'is saved');
    }

    /** @param  list<mixed>  $coordinates */
    private function standAt(string $town, array $coordinates): void
    {
        $this->open('/yards/tegelbruket');
        self::$browser->executeScript(
            'const form = document.querySelector("#yard-place").form; const given = arguments;
            form.elements.place.value = given[0]; form.elements.latitude.value = given[1];
            form.elements.longitude.value = given[2]; form.requestSubmit()',
            [$town, ...$coordinates],
        );
        $this->waitForText('.notice', 'is saved');
    }

    public function test_a_visit_is_dragged_to_another_day_and_a_drive_is_known(): void
    {
        self::screen(1280, 800);
        $this->signIn('keeper');
        $this->open('/clear/drives?from=skolgarden');
        $this->type('#to-honey-room', '44');
        $this->click('main form .btn.go');
        $this->waitForText('.notice', 'drives are saved');
        $this->waitForText('main form.narrow', 'yours; by the map');
        $this->open('/clear/rounds/new');
        $this->type('[name=seconds]', '1');
        $this->click('main form .btn.go');
        self::$browser->wait(30, 200)->until(fn (): bool => str_contains($this->text('.why'), 'Use this schedule'));
        $visit = $this->find('.visit');
        $yard = (string) $visit->getAttribute('data-yard');
        $last = (int) $visit->getAttribute('data-last');
        $wide = (float) self::$browser->executeScript(
            'const svg = document.querySelector(".round"); return svg.dataset.wide / svg.dataset.view * svg.getBoundingClientRect().width',
        );
        $days = $last >= 6 ? -2 : 2;
        self::$browser->executeScript("document.querySelector('.visit').scrollIntoView({block: 'center'})");
        (new WebDriverActions(self::$browser))
            ->moveToElement($visit->findElement(WebDriverBy::cssSelector('.crop')))
            ->clickAndHold()
            ->moveByOffset((int) round(0.5 * $days * $wide), 0)
            ->moveByOffset((int) round(0.5 * $days * $wide), 0)
            ->release()
            ->perform();
        $this->waitForText('.notice', 'is locked there');
        self::assertSame($last + $days, (int) $this->find(".visit[data-yard='$yard']")->getAttribute('data-last'));
        self::assertStringContainsString('Unlock', $this->text('#move'));
        // Undone it stands where the search had put it.
        $this->click('.notice form button');
        $this->waitForText('.notice', 'Undone');
        self::assertSame($last, (int) $this->find(".visit[data-yard='$yard']")->getAttribute('data-last'));
    }

    public function test_rounds_are_searched_moved_and_used(): void
    {
        self::screen(1280, 800);
        $this->signIn('partner');
        $this->open('/clear/rounds');
        $this->assertAccessible('/clear/rounds');
        $this->click('main a.btn.go');
        $this->waitForText('#coming', 'Skolgården, later');
        $this->assertAccessible('/clear/rounds/new');
        // Left out, what is to wait goes from the picture at once.
        self::$browser->executeScript(
            'const e = document.querySelector("main [name=later]"); e.value = "out"; e.dispatchEvent(new Event("change", {bubbles: true}))',
        );
        self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => ! str_contains($this->text('#coming'), 'Skolgården, later'));
        self::$browser->executeScript(
            'const e = document.querySelector("main [name=later]"); e.value = "own"; e.dispatchEvent(new Event("change", {bubbles: true}))',
        );
        $this->waitForText('#coming', 'Skolgården, later');
        $this->type('[name=seconds]', '2');
        $this->click('main form .btn.go');
        $this->waitFor('#round-board');
        // When the search has ended, what may be done with the plan comes by itself.
        self::$browser->wait(30, 200)->until(fn (): bool => str_contains($this->text('.why'), 'Use this schedule'));
        $this->assertAccessible('a round');
        $before = (int) $this->find('.visit')->getAttribute('data-last');
        self::$browser->executeScript('document.querySelector(".visit").focus()');
        self::$browser
            ->switchTo()
            ->activeElement()
            ->sendKeys($before > 0 ? WebDriverKeys::ARROW_LEFT : WebDriverKeys::ARROW_RIGHT);
        $this->waitForText('.notice', 'is locked there');
        self::$browser->executeScript("document.querySelector('.round').scrollIntoView({block: 'center'})");
        $this->click('.why form[action$="/again"] button');
        $this->waitForText('.notice', 'being searched again');
        self::$browser->wait(30, 200)->until(fn (): bool => str_contains($this->text('.why'), 'Use this schedule'));
        $this->click('.why form[action$="/use"] button');
        $this->waitForText('.notice', 'sheet');
        $this->click('.why .then a');
        $this->waitFor('.load');
        $this->click('p.noprint a');
        $this->waitForText('h2', 'To load');
        $this->click('#load-smoker');
        self::$browser
            ->wait(self::PATIENCE, 100)
            ->until(
                fn (): bool => $this->steadily(
                    fn (): bool => $this->find('#load-smoker')->getAttribute('aria-pressed') === 'true',
                ),
            );
        $this->assertAccessible('a day');
        // A tick in the drawing stands in the list too.
        $tick = (string) $this->find('.boxtick, .boardtick')->getAttribute('id');
        $this->click("#$tick");
        $this->waitFor("#{$tick}[aria-pressed=true]");
        $this->waitFor('#'.str_replace('draw-', 'tick-', $tick).'[aria-pressed=true]');
        self::screen(390, 844);
        $this->assertAccessible('a day at 390');
        self::$browser->navigate()->back();
        self::$browser->navigate()->back();
        $this->waitFor('#round-board');
        $this->assertAccessible('a round at 390');
        self::screen(1280, 800);
    }
}
