<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The main path with scripts switched off: links, forms and nothing else. */
final class PlainTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        self::scripts(true);
        parent::tearDown();
    }

    public function test_a_yard_is_looked_at_planned_and_ticked_without_scripts(): void
    {
        self::screen(1280, 800);
        $this->signIn('partner');
        self::scripts(false);
        $this->open('/watch/tegelbruket');
        self::assertSame(
            [],
            self::$browser->findElements(WebDriverBy::cssSelector('html[data-keys]')),
            'scripts are off',
        );
        $this->press('input[value="eating-capped:seen"] + button');
        $this->waitForText('.notice', 'Saved');

        // A frame in figures, the shake and a reading.
        $this->open('/assess/tegelbruket/T7');
        $this->press('.slots a[aria-label^="Frame 6"]');
        $this->waitForText('.painter h2', 'frame 6');
        if ($this->find('[data-form]')->getAttribute('open') === null) {
            $this->press('[data-form] summary');
        }
        foreach (
            ['#n-a-capped' => '90', '#n-b-capped' => '85', '#n-a-open' => '5', '#n-b-open' => '10'] as $field => $share
        ) {
            $this->type($field, $share);
        }
        $this->press('[data-form] .btn');
        $this->waitForText('.notice', 'Frame 6 is saved');
        $this->press('.painter form[action$="/shake"] button');
        $this->type('[name=value]', '17.4');
        $this->press('.painter form[action$="/readings"] .btn');
        $this->waitForText('.notice', 'reading');
        self::assertStringContainsString('17.', $this->text('.why'));

        // What was wrong is said beside what was entered.
        $this->type('[name=value]', '170');
        $this->press('.painter form[action$="/readings"] .btn');
        $this->waitForText('.err', 'allowed: 10 to 30');
        self::assertSame('170', $this->find('[name=value]')->getAttribute('value'));
    }

    public function test_frames_are_chosen_and_taken_and_a_box_is_moved_without_scripts(): void
    {
        self::screen(390, 844);
        $this->signIn('partner');
        self::scripts(false);
        $this->open('/frames/skolgarden');
        $before = (int) $this->text('#frames-sum .big');
        $this->press('.frameslot:not(.brood) input:not(:checked)');
        $this->press('#choose-frames .row .btn');
        $this->waitForText('#frames-sum .big', (string) ($before + 1));
        $this->press('#frames-sum .btn.go');
        $this->waitForText('.notice', 'on their way');
        $this->press('.notice form button');
        $this->waitForText('.notice', 'Undone');
        // A box by the form of the one in hand.
        $this->open('/yards/skolgarden/S2');
        $this->press('#hive .stop a');
        $this->waitForText('#hand', 'In hand');
        $this->press('#hand-hive option[value="S1"]');
        $this->press('#hand .btn.go');
        $this->waitForText('.notice', 'is on S1');
        $this->press('.notice form button');
        $this->waitForText('.notice', 'Undone');
        $this->open('/frames/skolgarden');
        self::assertSame($before, (int) $this->text('#frames-sum .big'));
    }

    public function test_rounds_are_asked_for_and_used_without_scripts(): void
    {
        self::screen(390, 844);
        $this->signIn('partner');
        self::scripts(false);
        $this->open('/clear/rounds/new');
        $this->press('#coming details summary');
        $this->type('[name=seconds]', '1');
        $this->press('main form .btn.go');
        $this->waitFor('#round-board');
        // Without scripts nothing polls: a person looks again.
        self::$browser->wait(30, 400)->until(function (): bool {
            self::$browser->navigate()->refresh();

            return str_contains($this->text('.why'), 'Use this schedule');
        });
        $this->press('.astable summary');
        self::assertStringContainsString('Ekbacken', $this->text('#round-board table'));
        $this->press('.why form[action$="/use"] button');
        $this->waitForText('.notice', 'sheet');
        $this->press('.why .then a');
        $this->press('p.noprint a');
        $this->waitForText('main h2', 'To load');
        // One tick on the phone; the sheet comes back ticked, and undo takes it off.
        $tick = (string) $this->find('.stop button')->getAttribute('id');
        $this->press("#$tick");
        $this->waitFor("#{$tick}[aria-pressed=true]");
        $this->press('.notice form button');
        $this->waitForText('.notice', 'Undone');
        $this->waitFor("#{$tick}[aria-pressed=false]");
        // Undone once more the plan is not in use any longer.
        self::screen(1280, 800);
        $this->press('.foot form button');
        $this->waitForText('.notice', 'Undone');
        $this->open('/clear/rounds');
        self::assertStringNotContainsString('in use', $this->text('.table'));
    }

    /** The bar at the thumb lies over the lower edge: what is pressed is brought to the middle, as a thumb would. */
    private function press(string $css): void
    {
        $this->waitFor($css);
        $this->click($css);
    }
}
