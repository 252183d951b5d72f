<?php

declare(strict_types=1);

namespace Tests\Browser;

/** From signing up to an operation that came in as a file; and what was painted outlives a session. */
final class BringTest extends BrowserTestCase
{
    public function test_a_new_person_brings_a_whole_operation(): void
    {
        $this->signIn('keeper');
        $file = $this->download('/compare/out/operation.zip', 'whole.zip');
        $this->signUp('Mover', 'mover'.random_int(1000, 999999).'@demo.example');
        $this->assertAccessible('/start with a file');
        $this->find('#whole')->sendKeys($file);
        $this->click('#bring .btn');
        $this->waitFor('#import');
        self::$browser->wait(60, 250)->until(
            fn (): bool => str_contains($this->text('#import'), 'records are imported'),
            'it was not read in',
        );
        $this->assertAccessible('/start/import');
        $this->click('#import .btn');
        $this->waitForText('.strip', 'Ekbacken');
        unlink($file);
        $this->open('/account');
        self::assertStringContainsString('Begin another operation', $this->text('#work'));
    }

    public function test_a_file_that_is_none_is_refused_in_words(): void
    {
        $this->signUp('Mover', 'mover'.random_int(1000, 999999).'@demo.example');
        $file = sys_get_temp_dir().'/none-'.getmypid().'.json';
        file_put_contents($file, '{"format": "x"}');
        $this->find('#whole')->sendKeys($file);
        $this->click('#bring .btn');
        $this->waitForText('#import', 'Nothing was imported');
        unlink($file);
    }

    public function test_another_host_is_refused_in_words(): void
    {
        $port = (int) parse_url((string) getenv('MARJORAM_TEST_URL'), PHP_URL_PORT);
        foreach (['evil.example', "evil.example:$port"] as $host) {
            $context = stream_context_create(['http' => ['header' => "Host: $host", 'ignore_errors' => true]]);
            $page = (string) file_get_contents(getenv('MARJORAM_TEST_URL').'/sign-in', context: $context);
            self::assertStringContainsString('421', $http_response_header[0]);
            self::assertStringContainsString('Not the address of this Marjoram', $page);
        }
    }

    public function test_what_is_painted_after_the_session_ended_is_kept_and_sent_after_signing_in(): void
    {
        $this->signIn('partner');
        $this->open('/assess/ekbacken/E9?slot=2#painter');
        $this->waitFor('[data-ready]');
        $session = self::$browser->manage()->getCookieNamed('marjoram_session');
        self::$browser->manage()->deleteCookieNamed('marjoram_session');
        self::$browser->getKeyboard()->sendKeys('3');
        self::$browser->getKeyboard()->sendKeys('4');
        $this->waitForText('[data-status]', 'You are signed out');
        self::assertNotNull($session);
        // That the browser says so on its console is as it should be.
        self::$browser->manage()->getLog('browser');
        // Another page, after signing in again.
        $this->signIn('partner', afresh: true);
        $this->open('/');
        self::$browser->wait(self::PATIENCE, 100)->until(
            static fn (): bool => self::$browser->executeScript('return document.documentElement.dataset.kept') === '0',
            'it was not sent',
        );
        $this->open('/assess/ekbacken/E9?slot=2#painter');
        $this->waitFor('[data-ready]');
        self::assertSame('30 %', $this->text('[data-face=a] [data-share=capped]'));
        self::assertSame('40 %', $this->text('[data-face=b] [data-share=capped]'));
    }

    public function test_what_the_server_refuses_stays_and_is_shown(): void
    {
        $this->signIn('partner');
        $this->open('/assess/ekbacken/E9?slot=3#painter');
        $this->waitFor('[data-ready]');
        self::$browser->executeAsyncScript('const done = arguments[0];
            import("/build/kept.js" + [...document.scripts].find((s) => s.src.includes("kept.js")).src.match(/[?].*/)[0])
                .then(({ queue }) => queue).then(async (queue) => {
                    await queue.put({ kind: "frame", on: "01ARZ3NDEKTSV4RRFFQ69G5FAV", yard: "", hive: "", words: "E9 super 9, 3",
                        data: { slot: 3, a: { capped: 0.5 }, b: { capped: 0.5 } }, version: 0 });
                    await queue.send();
                    done();
                });');
        $this->waitForText('#kept', 'E9 super 9, 3');
        $this->assertAccessible('a refused frame');
        $this->open('/');
        $this->waitForText('#kept', 'not sent: 1');
        $this->click('#kept [data-throw]');
        self::$browser->wait(self::PATIENCE, 100)->until(fn (): bool => ! $this->find('#kept')->isDisplayed(), 'it is still said');
    }

    private function download(string $path, string $name): string
    {
        $cookies = array_map(
            static fn ($one): string => $one->getName().'='.$one->getValue(),
            self::$browser->manage()->getCookies(),
        );
        $context = stream_context_create(['http' => ['header' => 'Cookie: '.implode('; ', $cookies)]]);
        $file = sys_get_temp_dir().'/'.getmypid()."-$name";
        file_put_contents($file, (string) file_get_contents(getenv('MARJORAM_TEST_URL').$path, context: $context));
        self::assertGreaterThan(1000, filesize($file));

        return $file;
    }
}
