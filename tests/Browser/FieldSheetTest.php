<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Marjoram\Core\Sheet\HiveSheet;
use Tests\Core\HiveSheetTest;

/** The sheet in the hand: what it shows, how fast it is, and that the phone says what the server says. */
final class FieldSheetTest extends FieldTestCase
{
    protected const SUPERS = 3;

    /** Seconds of a person for a key and for a tap, with the pause before it. */
    private const KEY = 0.25;

    private const TAP = 0.7;

    public function test_the_very_same_core_answers_on_the_phone_to_the_last_digit(): void
    {
        $sheets = array_map(
            static fn (array $sheet): string => (string) json_encode($sheet, JSON_PRESERVE_ZERO_FRACTION),
            HiveSheetTest::random(200),
        );
        // As it is posted, before any script has read a number of it.
        $answers = self::$browser->executeAsyncScript('
            const [sheets, done] = arguments;
            const { worker } = marjoramField.judge;
            const answers = new Map();
            const began = performance.now();
            worker.addEventListener("message", ({ data }) => {
                if (typeof data.id === "string") answers.set(data.id, data.answer);
                if (answers.size === sheets.length) done([sheets.map((_, i) => answers.get(`${i}`)), performance.now() - began]);
            });
            sheets.forEach((sheet, i) => worker.postMessage({ id: `${i}`, door: "hive", question: sheet }));', [$sheets]);
        $core = new HiveSheet;
        foreach ($sheets as $i => $sheet) {
            self::assertSame($core->answer($sheet), $answers[0][$i], $sheet);
        }
        fwrite(STDERR, sprintf(' [the core on the phone: %.0f ms a super] ', $answers[1] / 200));
    }

    public function test_a_browser_may_install_it(): void
    {
        $said = (new ChromeDevToolsDriver(self::$browser))->execute('Page.getInstallabilityErrors');
        self::assertSame([], $said['installabilityErrors'] ?? null, (string) json_encode($said));
    }

    public function test_a_hive_of_three_supers_by_keys_and_by_touch(): void
    {
        $supers = $this->supers('Q1');
        $keys = 0;
        foreach (array_reverse($supers) as $n => $box) {
            $this->go("#/yard/quarry/Q1/$box/4");
            foreach (['8', '9', '9', '8', '7', '8'] as $key) {
                $this->press($key);
                $keys++;
            }
            // To the next super by the button that has what comes next.
            $keys += $n < 2 ? 2 : 0;
            $this->settled();
        }
        $this->await('return marjoramField.queue.taps.length === 0', 'not all was sent');
        $box = $this->storedBox($supers[0]);
        self::assertSame([4, 5, 6], array_column($box['painted'], 'slot'));
        self::assertSame([0.8, 0.9], [$box['painted'][0]['a']['capped'], $box['painted'][0]['b']['capped']]);
        self::assertSame([0.7, 0.8], [$box['painted'][2]['a']['capped'], $box['painted'][2]['b']['capped']]);
        $taps = 0;
        foreach (array_reverse($this->supers('Q2')) as $box) {
            $this->go("#/yard/quarry/Q2/$box/4");
            foreach ([8, 8, 10, 8, 6, 8] as $tenths) {
                $this->tap("[data-tenth=\"$tenths\"]");
                $taps++;
            }
            $taps += 2;
        }
        self::assertLessThanOrEqual(4 * 9, $taps);
        self::assertLessThan(60.0, $keys * self::KEY);
        self::assertLessThan(90.0, $taps * self::TAP);
        fwrite(STDERR, sprintf(
            ' [field sheet, 3 supers x 3 frames: %d keys, %.1f s; %d taps, %.1f s; %.1f taps a frame] ',
            $keys,
            $keys * self::KEY,
            $taps,
            $taps * self::TAP,
            $taps / 9,
        ));
    }

    public function test_every_screen_is_for_everybody_on_every_phone(): void
    {
        $box = $this->supers('Q3')[0];
        $pages = [
            '#/',
            '#/yard/quarry',
            '#/yard/quarry/Q3',
            "#/yard/quarry/Q3/$box/5",
            "#/yard/quarry/Q3/$box/box",
            "#/yard/quarry/Q3/$box/off",
            '#/back/quarry',
            '#/scan',
            '#/load/2026-08-01',
            '#/list/quarry',
            '#/signs/quarry',
            '#/day/quarry',
            '#/kept',
            '#/yard/nowhere',
        ];
        foreach ([[390, 844, 'sun'], [360, 640, 'sun'], [390, 844, 'light'], [360, 640, 'dark']] as [$width, $height, $theme]) {
            self::screen($width, $height);
            foreach ($pages as $page) {
                $this->go($page);
                self::$browser->executeScript(
                    'marjoramField.settings.theme = arguments[0]; marjoramField.dress(); marjoramField.render()',
                    [$theme],
                );
                $this->settled();
                // Above the end the bar under the thumb covers part of what one scrolls past.
                self::$browser->executeScript('window.scrollTo(0, document.documentElement.scrollHeight)');
                $this->assertAccessible("$page at $width, $theme");
                $this->assertTargets("$page at $width");
            }
            $this->go($pages[3]);
            self::assertLessThanOrEqual(
                0,
                self::$browser->executeScript('return document.documentElement.scrollHeight - window.innerHeight'),
                "A frame is scrolled at $width x $height.",
            );
        }
        $this->go($pages[3]);
        $left = fn (): int => $this->find('.fs-thumb .fs-go')->getLocation()->getX();
        $before = $left();
        self::$browser->executeScript('marjoramField.settings.left = true; marjoramField.dress()');
        self::assertLessThan($before, $left());
        self::$browser->executeScript('marjoramField.settings.left = false; marjoramField.dress()');
    }

    public function test_what_may_be_said_of_a_hive_and_a_super_is_kept_and_sent(): void
    {
        $box = $this->supers('Q4')[2];
        $this->go("#/yard/quarry/Q4/$box/4");
        $this->press('9');
        $this->press('9');
        $this->go("#/yard/quarry/Q4/$box/box");
        // Nothing is sent until it was read here: what came back from the server is the server's verdict.
        self::$browser->executeScript('marjoramField.queue.post = () => null');
        $this->tap('[data-do="alike"]');
        $this->tap('[data-shake="passed"]');
        $this->type('#water', '17,2');
        $this->tap('form[data-reading] .btn');
        self::assertStringContainsString('17.2', $this->text('main'));
        self::assertStringContainsString('Calculated on this phone', $this->text('main'));
        self::$browser->executeScript('delete marjoramField.queue.post; marjoramField.queue.send()');
        $this->type('#why', 'a wet cellar');
        $this->tap('[name="choice"][value="stay"]');
        $this->go('#/yard/quarry/Q4');
        self::assertStringContainsString('decided: a wet cellar', $this->text('main'));
        $this->tap('.fs-more summary');
        $this->type('#note', 'a wasp nest behind the stand');
        $this->tap('form[data-note] .btn');
        $this->tap('[data-do="queen"]');
        $photo = sys_get_temp_dir().'/photo-'.getmypid().'.png';
        imagepng(imagecreatetruecolor(1600, 900), $photo);
        // The browser reads the file when it comes to it: it stays until the photograph is kept.
        self::$browser->executeScript('marjoramField.queue.post = () => null');
        $this->steadily(fn () => $this->find('[data-photo]')->sendKeys($photo));
        $this->await('return marjoramField.queue.taps.some((tap) => tap.kind === "photo")', 'the photograph is not kept');
        unlink($photo);
        self::$browser->executeScript('delete marjoramField.queue.post; marjoramField.queue.send()');
        // Lifted at its sides: what it weighs at least is known to the core, and said before anything is kept.
        $this->weigh('both-sides', '4', '4', '8');
        $this->waitForText('#trouble', 'is too little');
        $this->weigh('both-sides', '24', '26', '8');
        $this->waitForText('#announce', 'Q4: stores ~');
        $this->weigh('scale', '61.5');
        $this->tap('form[data-box-on] .btn');
        $this->tap('[data-do="excluder"]');
        $this->go('#/signs/quarry');
        $this->tap('[data-do="timer"]');
        self::assertMatchesRegularExpression('/1[45]:\d\d/', $this->text('[data-clock]'));
        $this->tap('[data-do="sign"]');
        $this->await('return marjoramField.queue.taps.length === 0', 'not all was sent');
        $this->phone('#/signs/quarry');
        self::assertMatchesRegularExpression('/1[45]:\d\d/', $this->text('[data-clock]'), 'The clock went on.');
        $stored = $this->storedBox($box);
        self::assertCount(10, $stored['painted']);
        self::assertSame('passed', $stored['look']['shake']);
        self::assertSame([17.2], array_map(floatval(...), array_column($stored['look']['readings'], 'value')));
        self::assertSame(['stay', 'a wet cellar'], [$stored['decision']['choice'], $stored['decision']['note']]);
        $this->open('/yards/quarry/Q4');
        self::assertStringContainsString('photograph see it', $this->text('#hive'));
        self::assertStringContainsString('a wasp nest behind the stand', $this->text('#hive'));
        $this->phone();
        $hive = $this->stored()['hives'][3];
        self::assertFalse($hive['excluder']);
        self::assertCount(5, $hive['boxes']);
        $this->go('#/yard/quarry/Q4');
        self::assertSame(5, $this->howMany('.fs-stack li'));
        $new = $this->supers('Q4')[3];
        $this->go("#/yard/quarry/Q4/$new/box");
        $this->tap('[data-do="box-off"]');
        self::assertSame(4, $this->howMany('.fs-stack li'));
        $this->await('return marjoramField.queue.taps.length === 0', 'not sent');
    }

    public function test_undo_takes_back_what_was_painted_sent_or_not(): void
    {
        $box = $this->supers('Q5')[0];
        $this->go("#/yard/quarry/Q5/$box/3");
        $this->press('4');
        $this->await('return marjoramField.queue.taps.length === 0', 'not sent');
        $this->go("#/yard/quarry/Q5/$box/3");
        $this->press('9');
        $this->await('return marjoramField.queue.taps.length === 0', 'not sent');
        $this->press('u');
        $this->settled();
        $this->await('return marjoramField.queue.taps.length === 0', 'not sent');
        self::assertSame(0.4, (float) $this->storedBox($box)['painted'][0]['a']['capped']);
        self::assertStringContainsString('A 40 %', self::$browser->executeScript(
            'return `A ${Math.round(100 * marjoramField.sheet("quarry").hives[4].boxes.find((b) => b.id === arguments[0]).painted[0].a.capped)} %`',
            [$box],
        ));
    }

    public function test_the_rest_of_a_face_is_said_by_one_tap_and_a_tap_elsewhere_is_not_led_back(): void
    {
        $box = $this->supers('Q5')[0];
        $this->go("#/yard/quarry/Q5/$box/6");
        $this->tap('[data-tenth="4"]');
        $this->tap('[data-rest="empty"]');
        $this->tap('[data-tenth="6"]');
        $this->await('return marjoramField.queue.taps.length === 0', 'not sent');
        $frame = $this->paintedOf($box, 6);
        self::assertEquals([0.0, 0.0], [$frame['a']['open'], $frame['b']['open']]);
        $this->go("#/yard/quarry/Q5/$box/7");
        $this->tap('[data-rest="empty"]');
        $this->tap('[data-tenth="8"]');
        // The last face, and at once the super: the super it is.
        self::$browser->executeScript(
            'document.querySelector(\'[data-tenth="8"]\').click(); document.querySelector(\'[data-f="super"]\').click()',
        );
        $this->settled();
        self::assertStringEndsWith("/$box/box", (string) self::$browser->getCurrentURL());
        self::assertStringContainsString('It rains nectar', $this->text('#field'));
        self::assertStringContainsString('You did not say what is not capped.', $this->text('#field'));
        $this->await('return marjoramField.queue.taps.length === 0', 'not sent');
        self::assertNull($this->paintedOf($box, 7)['b']['open']);
    }

    /** @return array{a: array{open: ?float}, b: array{open: ?float}} */
    private function paintedOf(string $box, int $slot): array
    {
        $frame = array_values(array_filter(
            $this->storedBox($box)['painted'],
            static fn (array $one): bool => $one['slot'] === $slot,
        ))[0];

        return ['a' => $frame['a'], 'b' => $frame['b']];
    }

    public function test_codes_typed_scanned_unknown_and_of_others(): void
    {
        $this->go('#/');
        $this->type('#code', 'q3'.WebDriverKeys::ENTER);
        $this->await('return location.hash === "#/yard/quarry/Q3"', 'not opened');
        $this->go('#/');
        $this->type('#code', 'XX9'.WebDriverKeys::ENTER);
        $this->waitForText('#trouble', 'not on the phone');
        [$operation, $hive] = self::$browser->executeScript(
            'return [marjoramField.index.operation.id, marjoramField.sheet("quarry").hives[1].id]',
        );
        $this->phone("#/q/$operation/h/$hive");
        $this->await('return location.hash === "#/yard/quarry/Q2"', 'the label did not open its hive');
        $this->phone('#/q/01arz3ndektsv4rrffq69g5fav/h/'.$hive);
        self::assertStringContainsString('another operation', $this->text('main'));
        $this->phone("#/q/$operation/h/01arz3ndektsv4rrffq69g5fav");
        self::assertStringContainsString('take its yard along', $this->text('main'));
        $this->phone('#/q/what');
        self::assertStringContainsString('Not a Marjoram label', $this->text('main'));
        $this->go('#/scan');
        // A photograph of a label, as the camera gives it.
        $code = self::labelPng(getenv('MARJORAM_TEST_URL')."/field#/q/$operation/h/$hive");
        $this->find('[data-scan]')->sendKeys($code);
        $this->await('return location.hash === "#/yard/quarry/Q2"', 'the photographed label did not open its hive');
        $this->go('#/scan');
        $this->waitForText('#camera-says', 'cannot be used');
        $blank = sys_get_temp_dir().'/blank-'.getmypid().'.png';
        imagepng(imagecreatetruecolor(80, 80), $blank);
        $this->find('[data-scan]')->sendKeys($blank);
        $this->waitForText('#trouble', 'No label can be read');
        unlink($blank);
        // The camera is switched on, and sees it.
        self::putBeforeCamera($code);
        $this->go('#/');
        $this->tap('a[href="#/scan"]');
        $this->await('return location.hash === "#/yard/quarry/Q2"', 'the camera did not see the label');
        unlink($code);
        unlink(self::cameraSees());
    }

    public function test_what_cannot_be_entered_is_said_before_it_is_kept(): void
    {
        $box = $this->supers('Q3')[1];
        $this->go("#/yard/quarry/Q3/$box/box");
        foreach (['140', '', 'wet', '-3', '1e9'] as $water) {
            $this->type('#water', $water);
            $this->tap('form[data-reading] .btn');
            $this->waitForText('#trouble', 'between 10 and 30');
        }
        $this->tap('[name="choice"][value="take"]');
        $this->waitForText('#trouble', 'few words');
        $this->tap('[data-do="alike"]');
        $this->waitForText('#announce', 'Paint one frame first');
        $this->go('#/yard/quarry/Q3');
        $this->tap('.fs-more summary');
        foreach (['0', '4000', 'heavy'] as $weight) {
            $this->weigh('scale', $weight);
            $this->waitForText('#trouble', 'between 5 and 400');
        }
        $this->weigh('both-sides', '24', '', '8');
        $this->waitForText('#trouble', 'both readings');
        $this->weigh('whole', '60', '', '90');
        $this->waitForText('#trouble', '0.5 to 40');
        self::assertSame([], $this->kept());
    }

    private function weigh(string $how, string $first, string $second = '', string $bees = ''): void
    {
        self::$browser->executeScript('document.querySelector("#how").value = arguments[0]', [$how]);
        $this->type('#first', $first);
        foreach ($how === 'scale' ? [] : ['#second' => $second, '#bees' => $bees] as $field => $value) {
            $this->type($field, $value);
        }
        $this->tap('form[data-heft] .btn');
    }

    public function test_without_scripts_the_address_leads_to_pages_that_do_the_same(): void
    {
        self::scripts(false);
        try {
            $this->open('/field');
            self::assertStringContainsString('needs scripts', $this->text());
            $this->open('/short-notes');
            $this->type('#notes', 'Q1 1: 5=8/9');
            $this->click('[formaction$="/preview"]');
            $this->waitForText('#preview', 'frame 5: A 80 %, rest not stated, B 90 %');
            $this->open('/field/read/quarry');
            self::assertStringContainsString('Inspect hive', $this->text());
        } finally {
            self::scripts(true);
        }
    }

    public function test_short_notes_are_drawn_while_they_are_typed(): void
    {
        self::screen(1280, 800);
        $this->open('/short-notes');
        $this->assertAccessible('/short-notes');
        $this->type('#notes', 'Q2 2: 5=8/9 6=9 rain; w 17.2; tale');
        $this->waitForText('.unread mark', 'tale');
        self::assertStringContainsString('frame 5: A 80 %, rest not stated, B 90 %', $this->text('.noted-lines'));
        $this->assertAccessible('/short-notes with an error');
        $this->find('#notes')->sendKeys(WebDriverKeys::BACKSPACE.WebDriverKeys::BACKSPACE.'ke');
        $this->waitForText('#preview-said', '1 line is understood');
        $this->click('form.noted .btn.go');
        $this->waitForText('.notice', '1 line is saved');
        $this->open('/labels');
        $this->assertAccessible('/labels');
        $this->open('/field/read/quarry');
        $this->assertAccessible('/field/read/quarry');
    }

    private static function putBeforeCamera(string $png): void
    {
        $scene = imagecreatetruecolor(640, 480);
        imagefill($scene, 0, 0, 0xB0B0A8);
        $label = imagecreatefrompng($png);
        imagecopyresampled($scene, $label, 170, 90, 0, 0, 300, 300, imagesx($label), imagesy($label));
        ob_start();
        imagejpeg($scene, null, 90);
        file_put_contents(self::cameraSees(), str_repeat((string) ob_get_clean(), 20));
    }

    private static function labelPng(string $text): string
    {
        $file = sys_get_temp_dir().'/label-'.getmypid().'.png';
        $script = 'require("qrcode").toFile(process.argv[1], process.argv[2], {scale: 6})';
        exec(sprintf(
            'cd %s && node -e %s %s %s',
            escapeshellarg(dirname(__DIR__, 2)),
            escapeshellarg($script),
            escapeshellarg($file),
            escapeshellarg($text),
        ));

        return $file;
    }
}
