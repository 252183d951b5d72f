<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Cookie;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** The real interface in headless Chromium, one browser for the run, one profile that is thrown away. */
abstract class BrowserTestCase extends TestCase
{
    protected static RemoteWebDriver $browser;

    /** On a machine that does much else at the same time a page takes its time. */
    protected const PATIENCE = 30;

    /** @var resource|null */
    private static $driver = null;

    private static string $profile = '';

    public static function setUpBeforeClass(): void
    {
        self::$profile = sys_get_temp_dir().'/marjoram-browser-'.bin2hex(random_bytes(4));
        self::startBrowser();
    }

    /** Pictures one after the other, as JPEG; read when the camera is switched on. */
    protected static function cameraSees(): string
    {
        return sys_get_temp_dir().'/camera-'.getmypid().'.mjpeg';
    }

    private static function startBrowser(): void
    {
        $port = random_int(20000, 40000);
        $log = ['file', getenv('MARJORAM_TEST_HOME').'/chromedriver.log', 'w'];
        self::$driver = proc_open(['chromedriver', "--port=$port"], [['pipe', 'r'], $log, $log], $pipes) ?: null;
        $options = (new ChromeOptions)->addArguments([
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--disable-dev-shm-usage',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--hide-scrollbars',
            '--force-device-scale-factor=1',
            '--lang=en-GB',
            '--user-data-dir='.self::$profile,
            // A camera that sees what a test puts before it.
            '--use-fake-ui-for-media-stream',
            '--use-fake-device-for-media-stream',
            '--use-file-for-fake-video-capture='.self::cameraSees(),
        ]);
        $options->setBinary(__DIR__.'/headless');
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $wanted->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        for ($try = 0; ! isset($up) && $try < 600; $try++) {
            usleep(100_000);
            $up = @fsockopen('127.0.0.1', $port) ?: null;
        }
        self::$browser = RemoteWebDriver::create("http://127.0.0.1:$port", $wanted, 30_000, 60_000);
        self::screen(1280, 800);
    }

    /** Number 0 would be this process with all that runs beside it. */
    protected static function kill(int $pid): void
    {
        self::assertGreaterThan(1, $pid, 'There is no such process.');
        self::assertTrue(posix_kill($pid, SIGKILL));
    }

    /** As if its battery had died, and been charged: what was on the disk is there again. */
    protected static function killBrowser(): void
    {
        exec('pgrep -f -- '.escapeshellarg('--user-data-dir='.self::$profile), $pids);
        foreach ($pids as $pid) {
            posix_kill((int) $pid, SIGKILL);
        }
        if (self::$driver !== null) {
            proc_terminate(self::$driver);
            proc_close(self::$driver);
        }
        exec('rm -f '.escapeshellarg(self::$profile).'/Singleton*');
        self::startBrowser();
    }

    public static function tearDownAfterClass(): void
    {
        self::$browser->quit();
        if (self::$driver !== null) {
            proc_terminate(self::$driver);
            proc_close(self::$driver);
        }
        exec('rm -rf '.escapeshellarg(self::$profile));
    }

    protected static function screen(int $width, int $height): void
    {
        (new ChromeDevToolsDriver(self::$browser))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => $width < 500,
        ]);
    }

    /** With scripts off a page must still be read, and its main forms work. */
    protected static function scripts(bool $on): void
    {
        (new ChromeDevToolsDriver(self::$browser))->execute('Emulation.setScriptExecutionDisabled', ['value' => ! $on]);
    }

    protected function open(string $path): void
    {
        self::$browser->get(getenv('MARJORAM_TEST_URL').$path);
    }

    protected function signIn(string $who, bool $afresh = false): void
    {
        self::$browser->manage()->deleteAllCookies();
        // A person signs in once a run, whichever class of tests comes first: more often in a minute is refused.
        $file = getenv('MARJORAM_TEST_HOME')."/session-$who";
        $session = is_file($file) && ! $afresh ? (string) file_get_contents($file) : '';
        $this->open('/sign-in');
        if ($session !== '') {
            self::$browser->manage()->addCookie(new Cookie('marjoram_session', $session));
            $this->open('/');
        } else {
            $this->type('[name=email]', "$who@demo.example");
            $this->type('[name=password]', 'heather-and-lime'.WebDriverKeys::ENTER);
        }
        $this->waitFor('.stages');
        file_put_contents($file, (string) self::$browser->manage()->getCookieNamed('marjoram_session')?->getValue());
    }

    /** A person with an account and no operation, on the page where the first one begins. */
    protected function signUp(string $name, string $email): void
    {
        $password = 'ten-letters-or-more';
        self::$browser->manage()->deleteAllCookies();
        $this->open('/sign-up');
        $this->type('[name=name]', $name);
        $this->type('[name=email]', $email);
        $this->type('[name=password]', $password);
        $this->type('[name=password_confirmation]', $password);
        $this->click('.btn.go');
        // Whether the address was known is not said: one signs in with it.
        $this->waitForText('.notice', 'Sign in with this address');
        self::assertSame($email, $this->find('[name=email]')->getAttribute('value'));
        $this->type('[name=password]', $password);
        $this->click('.btn.go');
        $this->waitFor('[data-draw-picture] .bxo');
    }

    protected function find(string $css): RemoteWebElement
    {
        return self::$browser->findElement(WebDriverBy::cssSelector($css));
    }

    protected function click(string $css): void
    {
        $this->steadily(function () use ($css): void {
            $element = $this->find($css);
            self::$browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
            $element->click();
        });
    }

    protected function type(string $css, string $text): void
    {
        $this->steadily(fn (): RemoteWebElement => $this->find($css)->clear()->sendKeys($text));
    }

    /**
     * A page may be swapped between finding an element and using it: then it is found again, for five seconds.
     *
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    protected function steadily(Closure $do): mixed
    {
        for ($try = 0; ; $try++) {
            try {
                return $do();
            } catch (StaleElementReferenceException|NoSuchElementException|ElementClickInterceptedException|ElementNotInteractableException|UnknownErrorException $moved) {
                if ($try >= 50) {
                    throw $moved;
                }
                usleep(100_000);
            }
        }
    }

    protected function keys(string ...$keys): void
    {
        $this->waitFor('html[data-keys]');
        foreach ($keys as $key) {
            $this->steadily(static fn () => self::$browser->getKeyboard()->sendKeys($key));
        }
    }

    /** The list before the first honey of the day, on the page of a lot. */
    protected function tickTheList(): void
    {
        foreach (self::$browser->findElements(WebDriverBy::cssSelector('form[action$="/checks"] [type=checkbox]')) as $tick) {
            self::$browser->executeScript('arguments[0].click()', [$tick]);
        }
        if (self::$browser->findElements(WebDriverBy::cssSelector('form[action$="/checks"]')) !== []) {
            $this->click('form[action$="/checks"] .btn');
            $this->waitForText('.notice', 'ticked for today');
        }
    }

    protected function waitFor(string $css): void
    {
        try {
            self::$browser
                ->wait(self::PATIENCE, 100)
                ->until(fn (): bool => self::$browser->findElements(WebDriverBy::cssSelector($css)) !== []);
        } catch (TimeoutException) {
            // The text of a page with large drawings takes the browser half a second: read only where it is needed.
            $shown = self::$browser->executeScript('return (document.querySelector("#work") ?? document.body).innerText');
            self::fail("$css did not come; the page is ".self::$browser->getCurrentURL().': '.mb_substr((string) $shown, 0, 600));
        }
    }

    protected function waitForText(string $css, string $text): void
    {
        $this->waitFor($css);
        self::$browser
            ->wait(self::PATIENCE, 100)
            ->until(fn (): bool => str_contains($this->text($css), $text), "\"$text\" did not come in $css");
    }

    protected function text(string $css = 'body'): string
    {
        return $css === 'body'
            ? trim((string) self::$browser->executeScript('return document.body.innerText'))
            : $this->steadily(fn (): string => $this->find($css)->getText());
    }

    protected function path(): string
    {
        return (string) parse_url(self::$browser->getCurrentURL(), PHP_URL_PATH);
    }

    /**
     * No violation of WCAG 2.2 AA that axe can find, and nothing severe on the console.
     *
     * @param  list<string>  $rules  of axe; all where none is named
     */
    protected function assertAccessible(string $page, array $rules = []): void
    {
        if (! self::$browser->executeScript('return "axe" in window')) {
            self::$browser->executeScript(
                (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'),
            );
        }
        $tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
        $violations = self::$browser->executeAsyncScript('const [runOnly, done] = arguments;
            axe.run(document, {resultTypes: ["violations"], runOnly}).then((result) => done(result.violations.map((v) => v.id + ": " + v.help + " @ " + v.nodes.slice(0, 3).map((n) => n.target.join(" ")).join(" | "))));', [$rules === [] ? $tags : $rules]);
        self::assertSame([], $violations, $page);
        $severe = array_filter(
            self::$browser->manage()->getLog('browser'),
            static fn (array $line): bool => $line['level'] === 'SEVERE',
        );
        self::assertSame([], array_column($severe, 'message'), $page);
        self::assertLessThanOrEqual(
            0,
            self::$browser->executeScript('return document.documentElement.scrollWidth - window.innerWidth'),
            "$page is wider than the screen",
        );
    }
}
