<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/** Nothing is lost and nothing comes twice, whatever dies, and every conflict is shown. */
final class FieldOfflineTest extends FieldTestCase
{
    protected function tearDown(): void
    {
        self::server(true);
    }

    public function test_sheets_of_another_version_are_read_where_older_and_left_alone_where_newer(): void
    {
        // As earlier scripts left it: without days, marks and wet frames.
        self::$browser->executeAsyncScript('
            const done = arguments[0];
            const { days, wet, marks, ...sheet } = marjoramField.held("quarry").sheet;
            sheet.format = 1;
            sheet.hives = sheet.hives.map((hive) => ({...hive, boxes: hive.boxes.map(({frame_mark, ...box}) => box)}));
            const {weighings, ...index} = marjoramField.index;
            marjoramField.store.hold({...marjoramField.held("quarry"), sheet})
                .then(() => marjoramField.store.setIndex(index)).then(done);');
        self::server(false);
        $this->offline();
        $box = $this->supers('Q1')[0];
        foreach (['', "/$box/5", "/$box/box", "/$box/off"] as $page) {
            $this->go("#/yard/quarry/Q1$page");
            self::assertStringContainsString('Q1', $this->text('main h1'), $page);
        }
        $this->tap('[data-f="off-3"]');
        self::assertStringContainsString('Q1 1/3', $this->text('.fs-frames'));
        $this->tap('[data-f="not-off-3"]');
        $this->go('#/day/quarry');
        self::assertStringContainsString('No clearing', $this->text('main'));
        self::server(true);
        // A server that says more than these scripts know: what they hold stays, and that is said.
        self::$browser->executeScript('marjoramField.format = 1; marjoramField.checkIn()');
        $this->waitForText('#trouble', 'A newer version is ready');
        $this->go('#/yard/quarry/Q1');
        self::assertStringContainsString('Q1', $this->text('main h1'));
        self::$browser->manage()->getLog('browser');
    }

    public function test_two_hundred_taps_without_a_network_a_dead_browser_and_a_server_killed_while_sending(): void
    {
        $boxes = array_merge($this->supers('Q1'), $this->supers('Q2'), $this->supers('Q3'), $this->supers('Q4'), $this->supers('Q5'));
        self::assertCount(10, $boxes);
        self::server(false);
        // The phone's clock is an hour wrong, and the sheet is opened again without a network.
        (new ChromeDevToolsDriver(self::$browser))->execute('Page.addScriptToEvaluateOnNewDocument', [
            'source' => 'const real = Date.now; Date.now = () => real() + 3600000;',
        ]);
        $this->offline();
        $began = (float) self::$browser->executeScript('return performance.timing.navigationStart');
        $drawn = (float) self::$browser->executeScript('return performance.now() + performance.timing.navigationStart');
        self::assertGreaterThan(0.0, $drawn - $began);
        $shown = (float) self::$browser->executeScript('return Math.max(...performance.getEntriesByType("paint").map((one) => one.startTime))');
        $this->waitForText('.fs-kept', 'no network');
        foreach (array_slice($boxes, 0, 6) as $i => $box) {
            $this->paintAll($i, $box);
        }
        self::assertCount(120, $this->kept());
        $this->open7thBox($boxes[6]);
        foreach (range(1, 8) as $n) {
            $this->steadily(static fn () => self::$browser->getKeyboard()->sendKeys((string) ((6 + $n) % 10)));
        }
        $cookies = self::$browser->manage()->getCookies();
        $said = (int) preg_replace('/\D/', '', $this->text('.fs-kept b'));
        self::killBrowser();
        self::screen(390, 844);
        $this->offline();
        $kept = $this->kept();
        self::assertGreaterThanOrEqual($said, count($kept), 'What was said to be kept is kept.');
        self::assertGreaterThanOrEqual(120, count($kept));
        self::assertCount(count($kept), array_unique(array_column($kept, 'id')));
        // On from where it stands, painted again where the browser died.
        foreach (range(6, 9) as $i) {
            $this->paintAll($i, $boxes[$i]);
        }
        $waiting = count($this->kept());
        self::assertGreaterThanOrEqual(200, $waiting);
        // What a browser had not written of its cookies is gone: its person signs in again.
        foreach ($cookies as $cookie) {
            self::$browser->manage()->addCookie($cookie);
        }
        self::server(true);
        $this->await('marjoramField.checkIn(); return marjoramField.queue.taps.length < '.($waiting - 20), 'nothing was sent', 90);
        exec('pkill -KILL -P '.self::pid('php-fpm').'; kill -KILL '.self::pid('php-fpm'));
        $this->await('return marjoramField.queue.taps.length === 0', 'not all was sent', 90);
        $stored = $this->stored();
        $found = 0;
        foreach ($boxes as $i => $id) {
            $frames = array_column($this->boxIn($stored, $id)['painted'], null, 'slot');
            foreach (range(1, 10) as $slot) {
                self::assertEqualsWithDelta(0.1 * $this->tenth($i, $slot, 0), $frames[$slot]['a']['capped'], 1e-9, "box $i, frame $slot");
                self::assertEqualsWithDelta(0.1 * $this->tenth($i, $slot, 1), $frames[$slot]['b']['capped'], 1e-9);
                // Once for each face; more only where it was painted again.
                self::assertSame(2, $i === 6 ? 2 : $frames[$slot]['version'], "box $i, frame $slot");
                $found += 2;
            }
        }
        self::assertSame(200, $found);
        $late = array_filter($stored['hives'][0]['boxes'], static fn (array $box): bool => $box['look'] !== null);
        foreach ($late as $box) {
            self::assertLessThan(900, abs($box['look']['at'] - time()), 'Dated when it was tapped, whatever the clock said.');
        }
        fwrite(STDERR, sprintf(' [the sheet without a network: shown after %.0f ms; %d taps, 0 lost, 0 twice] ', $shown, $waiting));
    }

    public function test_two_phones_on_one_frame_both_values_are_shown_with_who_and_when(): void
    {
        $box = $this->supers('Q1')[1];
        $version = $this->boxIn($this->stored(), $box)['painted'][4]['version'] ?? 0;
        $this->go("#/yard/quarry/Q1/$box/5");
        self::server(false);
        $this->press('3');
        $this->settled();
        $this->go("#/yard/quarry/Q1/$box/box");
        $this->tap('[data-shake="passed"]');
        // The other phone has a network before this one has.
        self::$browser->executeScript('marjoramField.queue.post = () => null');
        self::server(true);
        $face = ['capped' => 0.6, 'open' => 0.0, 'brood' => 0.0, 'pollen' => 0.0];
        $answer = $this->elsewhere(
            'async () => sendTaps(tap("frame", a, {slot: 5, a: b, b}, c), tap("shake", a, {shake: "failed", was: null}))',
            $box,
            $face,
            $version,
        );
        self::assertSame(['kept', 'kept'], array_column($answer['answers'], 'state'), (string) json_encode($answer));
        self::$browser->executeScript('delete marjoramField.queue.post; marjoramField.queue.send()');
        $this->await('return marjoramField.queue.asking().length === 2', 'the conflicts are not shown');
        $this->go('#/kept');
        $text = $this->text('main');
        self::assertStringContainsString('Ruth Quarry was there first', $text);
        self::assertStringContainsString('A 60 %, B 60 % capped', $text);
        self::assertStringContainsString('You have: A 30 %', $text);
        // That there was no network stands on the console.
        self::$browser->manage()->getLog('browser');
        $this->assertAccessible('conflicts');
        $this->tap('li:first-child [data-do="mine"]');
        $this->await('return marjoramField.queue.asking().length === 1', 'mine was not sent');
        $this->tap('[data-do="theirs"]');
        $this->await('return marjoramField.queue.taps.length === 0', 'not settled');
        $stored = $this->storedBox($box);
        self::assertSame(0.3, (float) array_column($stored['painted'], null, 'slot')[5]['a']['capped']);
        self::assertSame('failed', $stored['look']['shake']);
    }

    public function test_a_box_taken_away_meanwhile_is_said_and_what_was_seen_of_it_is_not_lost(): void
    {
        $box = $this->supers('Q5')[1];
        $this->go("#/yard/quarry/Q5/$box/5");
        self::$browser->executeScript('marjoramField.queue.post = () => null');
        $this->elsewhere('async () => send("DELETE", "/yards/hives/" + a, {_key: "01J0000000000000000000000A"})', self::$browser->executeScript(
            'return marjoramField.sheet("quarry").hives[4].id',
        ));
        $this->press('4');
        $this->settled();
        self::$browser->executeScript('delete marjoramField.queue.post; marjoramField.queue.send()');
        $this->await('return marjoramField.queue.asking().length === 1', 'it is not refused');
        $this->go('#/kept');
        self::assertStringContainsString('Q5, super 2, frame 5: A 40 %', $this->text('main'));
        self::assertMatchesRegularExpression('/Hive Q5 was removed/', $this->text('main'));
        $this->tap('[data-do="throw"]');
        self::assertSame([], $this->kept());
    }

    public function test_a_session_that_ended_keeps_all_until_its_person_signs_in_again(): void
    {
        $box = $this->supers('Q2')[0];
        $cookies = self::$browser->manage()->getCookies();
        $this->go("#/yard/quarry/Q2/$box/5");
        // An answer that is still on its way would bring the session back.
        self::$browser->executeAsyncScript('const done = arguments[0]; marjoramField.checkIn().then(() => setTimeout(done, 500));');
        self::$browser->manage()->deleteAllCookies();
        $this->press('7');
        $this->settled();
        $this->await('return marjoramField.signedOut', 'nobody says so');
        $this->go('#/kept');
        self::assertStringContainsString('Your session ended. Nothing is lost', $this->text('main'));
        self::assertNotSame([], $this->kept());
        foreach ($cookies as $cookie) {
            self::$browser->manage()->addCookie($cookie);
        }
        $this->tap('[data-do="send"]');
        $this->await('return marjoramField.queue.taps.length === 0', 'not sent after signing in');
        self::assertSame(0.7, (float) array_column($this->storedBox($box)['painted'], null, 'slot')[5]['a']['capped']);
    }

    public function test_an_update_of_the_application_takes_nothing_of_what_is_kept(): void
    {
        $css = dirname(__DIR__, 2).'/public/build/app.css';
        $before = (int) filemtime($css);
        $box = $this->supers('Q3')[0];
        self::$browser->executeScript('marjoramField.queue.post = () => null');
        $this->go("#/yard/quarry/Q3/$box/2");
        $this->press('5');
        $this->settled();
        touch($css, $before + 7);
        try {
            self::$browser->executeScript('navigator.serviceWorker.getRegistration().then((one) => one.update())');
            $this->waitFor('#update:not([hidden])');
            self::assertCount(1, $this->kept());
            $this->click('#update');
            $this->await('return window.marjoramField?.queue && document.documentElement.dataset.build === "'.($before + 7).'"', 'not taken over');
            $this->await('return marjoramField.queue.taps.length === 0', 'not sent by the new one');
            self::assertSame(0.5, (float) array_column($this->storedBox($box)['painted'], null, 'slot')[2]['a']['capped']);
        } finally {
            touch($css, $before);
        }
    }

    public function test_where_nothing_can_be_kept_it_is_said_before_anything_is_lost(): void
    {
        $box = $this->supers('Q4')[0];
        $this->go("#/yard/quarry/Q4/$box/5");
        self::$browser->executeScript('marjoramField.store.keep = () => Promise.reject(new DOMException("full", "QuotaExceededError"))');
        $this->press('2');
        $this->settled();
        $this->waitForText('#trouble', 'storage is full');
        self::assertSame([], $this->kept());
        (new ChromeDevToolsDriver(self::$browser))->execute('Page.addScriptToEvaluateOnNewDocument', [
            'source' => 'if (location.hash === "#private") IDBFactory.prototype.open = () => { throw new DOMException("no", "SecurityError"); };',
        ]);
        self::$browser->get('about:blank');
        $this->open('/field#private');
        $this->waitForText('#trouble', 'cannot save anything');
    }

    public function test_a_membership_that_ended_takes_along_what_it_had_put_on_the_phone(): void
    {
        self::$browser->executeScript('
            const real = window.fetch;
            window.fetch = (url, ...more) => url === "/field/yards"
                ? Promise.resolve(new Response("{}", { status: 403 }))
                : real(url, ...more);
            marjoramField.checkIn();');
        $this->await('return marjoramField.sheets.size === 0 && !marjoramField.store', 'the sheets stay');
        self::assertStringNotContainsString('Quarry', $this->text('#field'));
        self::assertSame([], self::$browser->executeAsyncScript(
            'const done = arguments[0]; indexedDB.databases().then((all) => done(all.map((one) => one.name)))',
        ));
    }

    public function test_signing_out_wipes_the_phone_and_asks_first_where_something_is_not_sent(): void
    {
        self::$browser->executeScript('marjoramField.queue.post = () => null');
        $box = $this->supers('Q4')[0];
        $this->go("#/yard/quarry/Q4/$box/5");
        $this->press('2');
        $this->settled();
        // Other pages send what waits; what was refused waits for its person.
        self::$browser->executeAsyncScript('const done = arguments[0];
            const [tap] = marjoramField.queue.taps;
            marjoramField.queue.store.change({ ...tap, state: "refused", message: "The box is gone." }).then(done);');
        self::screen(1280, 800);
        $this->open('/assess');
        $this->waitForText('#kept', 'The box is gone.');
        $this->waitFor('html[data-keys]');
        $this->click('.more summary');
        $this->click('[data-sign-out] button');
        self::$browser->wait(self::PATIENCE, 100)->until(\Facebook\WebDriver\WebDriverExpectedCondition::alertIsPresent());
        self::$browser->switchTo()->alert()->dismiss();
        self::assertSame('/assess', $this->path());
        $this->click('[data-sign-out] button');
        self::$browser->wait(self::PATIENCE, 100)->until(\Facebook\WebDriver\WebDriverExpectedCondition::alertIsPresent());
        self::$browser->switchTo()->alert()->accept();
        $this->waitFor('[name=password]');
        $left = self::$browser->executeAsyncScript('const done = arguments[0]; indexedDB.databases().then((all) => done(all.map((one) => one.name)))');
        self::assertSame([], $left);
        self::assertNull(self::$browser->executeScript('return localStorage.getItem("marjoram.field.who")'));
    }

    /** The sheet opened again without a network. */
    private function offline(): void
    {
        self::$browser->get('about:blank');
        $this->open('/field#/yard/quarry');
        $this->waitFor('html[data-checked]');
        $this->waitFor('.fs-hive');
        $this->await('return marjoramField.judge.version !== null', 'no core without a network');
    }

    private function paintAll(int $i, string $box): void
    {
        $this->go('#/yard/quarry/'.$this->hive($i)."/$box/1");
        foreach (range(1, 10) as $slot) {
            $this->press($this->tenth($i, $slot, 0).$this->tenth($i, $slot, 1));
        }
        $this->settled();
    }

    private function open7thBox(string $box): void
    {
        $this->go('#/yard/quarry/'.$this->hive(6)."/$box/1");
    }

    private function hive(int $i): string
    {
        return 'Q'.(intdiv($i, self::SUPERS) + 1);
    }

    private function tenth(int $i, int $slot, int $side): int
    {
        return ($i * 3 + $slot * 7 + $side) % 10;
    }

    private static function pid(string $name): int
    {
        return (int) file_get_contents(getenv('MARJORAM_TEST_HOME')."/services/$name/supervise/pid");
    }

    /** @return array<string, mixed> */
    private function boxIn(mixed $stored, string $id): array
    {
        foreach ($stored['hives'] as $hive) {
            foreach ($hive['boxes'] as $box) {
                if ($box['id'] === $id) {
                    return $box;
                }
            }
        }
        self::fail("$id is not stored.");
    }
}
