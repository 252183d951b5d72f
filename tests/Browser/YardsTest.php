<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Yards and kit as a keeper works in them: boxes by mouse, keys and form, hives from a table, what happens to bees. */
final class YardsTest extends BrowserTestCase
{
    public function test_a_box_is_dragged_to_another_hive_and_moved_by_keys_and_by_the_form(): void
    {
        self::screen(1280, 800);
        $this->signIn('partner');
        $this->open('/yards/norra-heden');
        $this->assertAccessible('/yards/norra-heden');
        $top = $this->boxes('N1')[0];
        $this->drag($top, 'svg[data-hive="N2"] a[data-box]');
        $this->waitForText('.notice', 'is on N2');
        self::assertNotContains($top, $this->boxes('N1'));
        self::assertContains($top, $this->boxes('N2'));
        // A click takes it in hand; Shift with an arrow moves it on and in its stack, Delete puts it into store.
        $this->waitFor('#hand');
        $this->assertAccessible('a box in hand');
        $this->focus($top);
        $this->keys(WebDriverKeys::SHIFT.WebDriverKeys::ARROW_LEFT.WebDriverKeys::SHIFT);
        $this->waitForText('.notice', 'is on N1');
        self::assertSame($top, $this->boxes('N1')[0]);
        $this->focus($top);
        $this->keys(WebDriverKeys::DELETE);
        $this->waitForText('.notice', 'is in store');
        $this->drag($top, 'svg[data-hive="N3"] a[data-box]');
        $this->waitForText('.notice', 'is on N3');
        // The form does the same.
        $this->click('#hand-hive option[value="N1"]');
        $this->click('#hand .btn.go');
        $this->waitForText('.notice', 'is on N1');
        self::assertSame($top, $this->boxes('N1')[0]);
        // Dropped in the middle of a stack it comes to stand there.
        $this->drag($top, 'svg[data-hive="N3"] .hivecode');
        $this->waitForText('.notice', 'is on N3');
        self::assertContains($top, $this->boxes('N3'));
        $this->click('.notice form button');
        $this->waitForText('.notice', 'Undone');
        $this->open('/yards/norra-heden/N1');
        self::assertSame($top, $this->boxes('N1')[0]);
        self::screen(390, 844);
        $this->open("/yards/norra-heden/N1?box=$top");
        $this->assertAccessible('a box in hand at 390');
        self::screen(1280, 800);
    }

    public function test_hives_from_a_pasted_table_in_two_clicks(): void
    {
        $this->signIn('keeper');
        $this->open('/yards/table');
        $mark = 'P'.random_int(100, 999);
        $lines = "code;yard;supers;queen;year;line\n{$mark}A;Tegelbruket;2;Q-{$mark}A;2026;L4\n{$mark}B;Tegelbruket;x;;;\n";
        $table = fn (string $text) => self::$browser->executeScript(
            'document.querySelector("textarea[name=table]").value = arguments[0]',
            [$text],
        );
        $table($lines);
        $this->click('main form button.btn:not(.go)');
        $this->waitForText('main', 'No hive is created yet');
        $this->assertAccessible('a table with an error');
        $table(str_replace(';x;', ';1;', $lines));
        $this->click('main form button.btn:not(.go)');
        $this->waitForText('main', 'Create these 2 hives');
        $this->click('main form button[name=sure]');
        $this->waitForText('.notice', '2 hives');
        $this->open("/yards/tegelbruket/{$mark}A");
        self::assertStringContainsString("Q-{$mark}A", $this->text('#hive'));
        // Several at once: kinds and queens.
        $this->open('/yards/tegelbruket');
        self::$browser->executeScript('document.querySelector(".choosehives").closest("details").open = true');
        foreach ($this->hiveChecks($mark) as $check) {
            self::$browser->executeScript('arguments[0].click()', [$check]);
        }
        $this->type('#chosen-line', 'L7');
        $this->click('button[formaction$="/chosen/queens"]');
        $this->waitForText('.notice', '2 hives have new queens');
        $this->open("/yards/tegelbruket/{$mark}B");
        self::assertStringContainsString('line L7', $this->text('#hive'));
    }

    public function test_a_colony_dies_and_a_split_settles_in_its_hive(): void
    {
        $this->signIn('keeper');
        $this->open('/yards/skolgarden/S5');
        $this->happened('died', '2026-08-01', '');
        $this->waitForText('#hive', 'no colony lives here');
        $this->assertAccessible('a hive without a colony');
        $this->open('/winter/skolgarden');
        self::assertStringNotContainsString('S5', $this->text('main table, main .table'));
        $this->open('/yards/skolgarden/S4');
        $this->happened('split', '2026-08-02', 'S5');
        $this->open('/yards/skolgarden/S5');
        self::assertStringNotContainsString('no colony lives here', $this->text('#hive'));
        self::assertStringContainsString('from S4', $this->text('#hive'));
    }

    /** @return list<string> ids of a hive's boxes, from the top */
    private function boxes(string $hive): array
    {
        return $this->steadily(fn (): array => array_reverse(array_map(
            static fn (RemoteWebElement $box): string => (string) $box->getAttribute('data-box'),
            self::$browser->findElements(WebDriverBy::cssSelector("svg[data-hive=\"$hive\"] a[data-box]")),
        )));
    }

    private function drag(string $box, string $onto): void
    {
        self::$browser->executeScript('document.querySelector("[data-work]").scrollIntoView({block: "start"})');
        (new WebDriverActions(self::$browser))
            ->moveToElement($this->find("a[data-box=\"$box\"] rect, .storebox[data-box=\"$box\"]"))
            ->clickAndHold()
            ->moveToElement($this->find($onto))
            ->release()
            ->perform();
    }

    private function focus(string $box): void
    {
        self::$browser->executeScript(
            'document.querySelector(`[data-work] a[data-box="${arguments[0]}"]`).focus()',
            [$box],
        );
    }

    /** @return list<RemoteWebElement> */
    private function hiveChecks(string $mark): array
    {
        return array_values(self::$browser->findElements(
            WebDriverBy::xpath("//label[contains(., '$mark')]/input[@name='hives[]']"),
        ));
    }

    private function happened(string $what, string $on, string $other): void
    {
        self::$browser->executeScript('document.querySelector("#fact-kind").closest("details").open = true');
        $this->click("#fact-kind option[value=$what]");
        self::$browser->executeScript(
            'const form = document.querySelector("#fact-kind").form;
            form.elements.happened_on.value = arguments[0]; form.elements.other.value = arguments[1];
            form.requestSubmit()',
            [$on, $other],
        );
        $this->waitForText('.notice', 'Saved for the colony');
    }
}
