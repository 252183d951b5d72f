<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\WebDriverBy;

/** A phone in a yard of an operation of its own, so that nothing of the demo changes. */
abstract class FieldTestCase extends BrowserTestCase
{
    protected const HIVES = 5;

    protected const SUPERS = 2;

    private static bool $begun = false;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$begun = false;
    }

    protected function setUp(): void
    {
        self::screen(390, 844);
        if (! self::$begun) {
            $this->begin();
            self::$begun = true;
        }
        $this->phone();
    }

    private function begin(): void
    {
        self::screen(1280, 800);
        $this->signUp('Ruth Quarry', 'field'.random_int(1000, 999999).'@demo.example');
        $this->type('[name=name]', 'Quarry');
        $this->type('[name=letter]', 'Q');
        $this->type('[name=place]', '58.39, 13.44');
        $this->type('[name=hives]', (string) static::HIVES);
        $this->type('[name=supers]', (string) static::SUPERS);
        $this->click('.btn.go');
        $this->waitFor('.elevation a[data-code="Q'.static::HIVES.'"]');
        self::screen(390, 844);
    }

    /** The sheet with the yard on it and the core at work. */
    protected function phone(string $hash = ''): void
    {
        // The address alone, with another fragment, would load nothing again.
        self::$browser->get('about:blank');
        $this->open("/field$hash");
        $this->waitFor('html[data-checked]');
        $this->await('return marjoramField.judge.version !== null && marjoramField.sheets.size > 0', 'no core, or no yard');
        $this->await('return navigator.serviceWorker.controller !== null', 'no service worker');
    }

    protected function go(string $hash): void
    {
        self::$browser->executeScript('window.location.hash = arguments[0]', [$hash]);
        $this->settled();
    }

    /** All that was tapped is on the disk and drawn. */
    protected function settled(): void
    {
        usleep(60_000);
        $this->steadily(fn () => self::$browser->executeAsyncScript(
            'const done = arguments[0]; marjoramField.idle().then(() => setTimeout(done, 30));',
        ));
    }

    /** @param  string  $script  returns whether it is so */
    protected function await(string $script, string $else, int $seconds = 30): void
    {
        try {
            self::$browser->wait($seconds, 100)->until(
                static fn (): bool => (bool) self::$browser->executeScript($script),
            );
        } catch (TimeoutException) {
            self::fail($else.': '.json_encode(self::$browser->executeScript(
                'return window.marjoramField?.queue?.taps.map((tap) => [tap.words, tap.state, tap.message]).slice(-5)',
            )));
        }
    }

    /** Keys, one after the other, whatever is drawn again between them. */
    protected function press(string $keys): void
    {
        foreach (str_split($keys) as $key) {
            $this->steadily(static fn () => self::$browser->getKeyboard()->sendKeys($key));
        }
        $this->settled();
    }

    protected function tap(string $css): void
    {
        $this->click($css);
        $this->settled();
    }

    protected static function server(bool $up): void
    {
        $services = getenv('MARJORAM_TEST_HOME').'/services';
        exec('sv -w 10 '.($up ? 'up' : 'down').' '.escapeshellarg("$services/nginx"));
        if ($up) {
            self::$browser->wait(self::PATIENCE, 100)->until(
                static fn (): bool => @file_get_contents(getenv('MARJORAM_TEST_URL').'/up') !== false,
            );
        }
    }

    /** @return list<array<string, mixed>> what waits or is asked about */
    protected function kept(): array
    {
        /** @var list<array<string, mixed>> */
        return self::$browser->executeAsyncScript(
            'const done = arguments[0]; marjoramField.store.taps().then(done);',
        );
    }

    /** @return list<string> ids of supers of a hive, from the lowest */
    protected function supers(string $hive): array
    {
        /** @var list<string> */
        return self::$browser->executeScript(
            'return marjoramField.sheet("quarry").hives.find((one) => one.code === arguments[0])
                .boxes.filter((box) => box.super).map((box) => box.id)',
            [$hive],
        );
    }

    /** What the server has of a yard now. */
    protected function stored(): mixed
    {
        return self::$browser->executeAsyncScript(
            'const done = arguments[0];
            fetch("/field/yards/quarry", {headers: {Accept: "application/json"}}).then((one) => one.json()).then(done);',
        );
    }

    /** @return array<string, mixed> a super as the server has it */
    protected function storedBox(string $id): array
    {
        foreach ($this->stored()['hives'] as $hive) {
            foreach ($hive['boxes'] as $box) {
                if ($box['id'] === $id) {
                    return $box;
                }
            }
        }
        self::fail('No such box is stored.');
    }

    /** Another phone of the same person, or the person themselves at a page. */
    protected function elsewhere(string $script, mixed ...$with): mixed
    {
        return self::$browser->executeAsyncScript('
            const [a, b, c] = arguments;
            const done = arguments[arguments.length - 1];
            const token = () => decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1]);
            const key = () => "0" + Array.from({length: 25}, () =>
                "0123456789ABCDEFGHJKMNPQRSTVWXYZ"[Math.floor(Math.random() * 32)]).join("");
            const send = (method, url, body) => fetch(url, {
                method,
                headers: {
                    "Content-Type": "application/json",
                    Accept: "application/json",
                    "X-XSRF-TOKEN": token(),
                    "Idempotency-Key": key(),
                },
                body: JSON.stringify(body),
            });
            const tap = (kind, on, data, version) => ({id: key(), kind, on, at: Date.now(), data, version});
            const sendTaps = (...taps) => send("POST", "/field/taps", {
                sent_at: Date.now(), operation: marjoramField.store.who.operation, taps,
            }).then((answer) => answer.json());
            ('.$script.')().then(done, (problem) => done(String(problem)));', $with);
    }

    protected function howMany(string $css): int
    {
        return count(self::$browser->findElements(WebDriverBy::cssSelector($css)));
    }

    protected function assertTargets(string $page): void
    {
        $small = self::$browser->executeScript('
            const seen = (one) => one.offsetParent !== null && !one.closest(".fs-file") && !one.closest("p");
            return [...document.querySelectorAll("#field a, #field button, #field input:not([type=file]), #field select")]
                .filter(seen)
                .map((one) => [one.textContent.trim() || one.id, one.getBoundingClientRect()])
                .filter(([, box]) => box.height < 47.5 || box.width < 30)
                .map(([words, box]) => `${words}: ${Math.round(box.width)} x ${Math.round(box.height)}`);');
        self::assertSame([], $small, $page);
    }
}
