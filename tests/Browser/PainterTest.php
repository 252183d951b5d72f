<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The painter under quick hands: what is typed goes to the frame it was meant for, and nowhere else. */
final class PainterTest extends BrowserTestCase
{
    public function test_thirty_frames_typed_ahead_are_all_as_typed(): void
    {
        $this->signIn('keeper');
        $this->open('/assess/ekbacken/E8?slot=1#painter');
        $this->waitFor('[data-ready]');
        $first = (string) self::$browser->getCurrentURL();
        $typed = $frames = [];
        foreach (range(0, 29) as $n) {
            $typed[] = [$n * 7 % 10, $n * 3 % 10];
            [$a, $b] = $typed[$n];
            // Two digits and on, 120 ms a key, without a look at the screen.
            foreach ([(string) $a, (string) $b, WebDriverKeys::ENTER] as $key) {
                self::$browser->getKeyboard()->sendKeys($key);
                usleep(120_000);
            }
        }
        $this->waitForText('[data-status]', 'saved');
        self::assertStringContainsString('/assess/ekbacken/E8', (string) self::$browser->getCurrentURL());
        $this->open(substr($first, strlen((string) getenv('MARJORAM_TEST_URL'))));
        $this->waitFor('[data-ready]');
        /** @var list<array{frames: list<array{seen: bool, faces: array{a: array{capped: float}, b: array{capped: float}}}>}> $boxes */
        $boxes = json_decode((string) $this->find('#painter')->getAttribute('data-boxes'), true);
        foreach ($boxes as $box) {
            foreach ($box['frames'] as $frame) {
                $frames[] = [$frame['seen'], round(10 * $frame['faces']['a']['capped']), round(10 * $frame['faces']['b']['capped'])];
            }
        }
        self::assertEquals(array_map(static fn (array $two): array => [true, ...$two], $typed), array_slice($frames, 0, 30));
    }

    public function test_digits_paint_wherever_the_focus_is_and_s_copies_what_was_painted(): void
    {
        $this->signIn('keeper');
        $this->open('/assess/tegelbruket/T7?slot=5');
        $this->waitFor('[data-ready]');
        // Nothing has the focus.
        self::$browser->getKeyboard()->sendKeys('7');
        self::$browser->getKeyboard()->sendKeys('s');
        $this->waitForText('[data-status]', 'saved');
        self::assertStringContainsString('/assess/tegelbruket/T7', (string) self::$browser->getCurrentURL());
        $shares = fn (): array => array_map(
            static fn ($cell): string => $cell->getText(),
            self::$browser->findElements(WebDriverBy::cssSelector('[data-share=capped]')),
        );
        self::assertSame(['70 %', '70 %'], $shares());
        // Undone, the other face is presumed again and not empty.
        self::$browser->getKeyboard()->sendKeys('u');
        self::assertSame('70 %', $shares()[0]);
        self::assertNotSame('70 %', $shares()[1]);
        self::assertNotSame('0 %', $shares()[1]);
        // Nothing was said of the rest; one key says it, and for what is painted next.
        $open = fn (): array => array_map(
            static fn ($cell): string => $cell->getText(),
            self::$browser->findElements(WebDriverBy::cssSelector('[data-share=open]')),
        );
        self::assertSame('?', $open()[0]);
        self::$browser->getKeyboard()->sendKeys('x');
        self::assertSame('30 %', $open()[0]);
        self::$browser->getKeyboard()->sendKeys('4');
        self::assertSame('60 %', $open()[1]);
        self::$browser->getKeyboard()->sendKeys('x');
        // What stands around follows when the hands rest.
        $this->click(".slots a[aria-label^='Frame 8']");
        $this->waitFor('[data-around=rest]:not([inert])');
        self::assertStringContainsString('/frames/8', (string) $this->find('[data-form] form')->getAttribute('action'));
        $this->assertAccessible('another frame');
    }
}
