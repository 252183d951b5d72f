<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Symfony\Component\Process\Process;

/** The chart by keys, a scale that sends and a file that is read in, the robbing test's clock; queens marked, sheets read. */
final class WatchAndCompareTest extends BrowserTestCase
{
    public function test_the_chart_is_zoomed_and_moved_by_keys(): void
    {
        self::screen(1280, 900);
        $this->signIn('keeper');
        $this->open('/watch/ekbacken');
        $this->waitFor('svg.chart');
        $this->keys('+');
        self::$browser->wait(self::PATIENCE, 50)->until(fn (): bool => str_contains(self::$browser->getCurrentURL(), 'span=week'));
        $this->keys('+');
        self::$browser->wait(self::PATIENCE, 50)->until(fn (): bool => str_contains(self::$browser->getCurrentURL(), 'span=day'));
        $this->assertAccessible('a day of the scale');
        $day = self::$browser->getCurrentURL();
        $this->keys('[');
        self::$browser->wait(self::PATIENCE, 50)->until(fn (): bool => self::$browser->getCurrentURL() !== $day);
        $this->keys('-');
        self::$browser->wait(self::PATIENCE, 50)->until(fn (): bool => str_contains(self::$browser->getCurrentURL(), 'span=week'));
        $this->open('/watch/ekbacken?span=season');
        $this->click('details.astable summary');
        self::assertStringContainsString('could fly', $this->text('details.astable table'));
        $this->assertAccessible('a season of the scale');
    }

    public function test_a_scale_sends_its_file_is_read_and_taken_out_again(): void
    {
        self::screen(1280, 900);
        $this->signIn('keeper');
        $this->open('/watch/tegelbruket/scales');
        $this->type('[name=name]', 'By the bridge');
        $this->click('form[action$="/tegelbruket/scales"] button');
        $this->waitForText('.notice', 'The scale is entered');
        $this->click('form[action$="/secret"] button');
        $this->waitForText('.notice', 'The secret is created');
        $secret = $this->text('code');
        $section = (string) $this->find('section[id^="s-"]')->getAttribute('id');
        $send = new Process([
            'php',
            dirname(__DIR__, 2).'/artisan',
            'device:hive-scale',
            (string) getenv('MARJORAM_TEST_URL'),
            substr($section, 2),
            "--token=$secret",
            '--days=12',
            '--every=60',
        ]);
        $send->mustRun();
        self::assertMatchesRegularExpression('/^\d{3} readings were taken/', $send->getOutput());
        // From where the application knows them on: nothing is sent twice.
        self::assertStringContainsString('0 readings were taken', $send->mustRun()->getOutput());
        $this->open('/watch/tegelbruket?span=week');
        $this->waitFor('.wline');
        self::assertStringContainsString('own scale', $this->text('.hd'));
        $file = tempnam(sys_get_temp_dir(), 'scale').'.csv';
        file_put_contents($file, "Zeit;kg\n01.07.2026 20:00;52,4\n02.07.2026 20:00;52,9\n");
        $this->open('/watch/tegelbruket/scales');
        $this->find('input[type=file]')->sendKeys($file);
        $this->click('form[action$="/file"] button');
        $this->waitForText('h1', '2 readings would be added');
        $this->assertAccessible('the file before it counts');
        $this->click('form[action$="/map"].btns button');
        $this->waitForText('.notice', '2 readings are added');
        $this->assertAccessible('the scales of a yard');
        $this->click('form[action*="/watch/imports/"] button');
        $this->waitForText('.notice', 'are removed');
        unlink($file);
    }

    public function test_the_robbing_test_goes_on_through_a_reload(): void
    {
        self::screen(390, 844);
        $this->signIn('keeper');
        $this->open('/watch/skolgarden');
        $this->click('[data-timer]');
        $this->waitForText('output', '25 min left');
        self::$browser->navigate()->refresh();
        $this->waitForText('output', 'min left');
        self::assertLessThanOrEqual(
            390,
            self::$browser->executeScript('return document.documentElement.scrollWidth'),
        );
    }

    public function test_a_queen_is_marked_and_planned_with_and_old_yields_are_read_in(): void
    {
        self::screen(1280, 900);
        $this->signIn('keeper');
        $this->open('/compare/queens');
        $this->assertAccessible('queens by what they give');
        self::$browser->findElements(WebDriverBy::cssSelector('svg.chart a'))[0]->click();
        $this->waitForText('h1', 'Queen ');
        $this->assertAccessible('a queen');
        $this->find('[name=mark]')->sendKeys('breed');
        $this->type('[name=daughters]', '2');
        $this->type('[name=reason]', 'calm');
        $this->click('form[action$="/mark"] button');
        $this->waitForText('.notice', 'breed from');
        $this->open('/compare/plan');
        $this->waitForText('h1', '2 hives get a new queen');
        $this->assertAccessible('next year\'s queens');
        $file = tempnam(sys_get_temp_dir(), 'old').'.csv';
        file_put_contents($file, "hive,year,kg,queen\nE1,2019,24.5,\nE2,2019,31,\nE3,2019,nothing,\n");
        $this->open('/compare/out');
        $this->find('#notes')->sendKeys($file);
        $this->click('form[action$="/notes/file"] button');
        $this->waitForText('h1', '2 yields would be added');
        $this->assertAccessible('the sheet before it counts');
        $this->click('form[action$="/compare/notes"].btns button');
        $this->waitForText('.notice', '2 yields are added');
        $this->open('/compare?season=2019');
        $this->waitForText('h1', 'producing hive');
        unlink($file);
    }
}
