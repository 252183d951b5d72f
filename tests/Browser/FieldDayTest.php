<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** A day out without a network: loaded and ticked, frames marked as they come off, and wet ones read home by it. */
final class FieldDayTest extends FieldTestCase
{
    protected const HIVES = 2;

    private const FULL = ['capped' => 0.95, 'open' => 0.0, 'brood' => 0.0, 'pollen' => 0.0];

    protected function tearDown(): void
    {
        self::server(true);
    }

    public function test_a_day_is_loaded_and_ticked_without_a_network(): void
    {
        $box = $this->supers('Q1')[1];
        $this->ripe($box);
        self::assertSame(201, $this->plan($box), 'A clearing is planned.');
        $this->phone();
        $this->assertGoodPage('#/day/quarry', '.fs-work');
        self::server(false);
        $this->go('#/');
        $this->tap('.fs-list a[href^="#/load/"]');
        $things = $this->howMany('.fs-load button');
        self::assertGreaterThan(5, $things);
        $this->tap('[data-thing="smoker"]');
        $this->tap('[data-thing="covers"]');
        $this->tap('[data-thing="covers"]');
        self::assertSame('true', $this->find('[data-thing="smoker"]')->getAttribute('aria-pressed'));
        self::assertSame('false', $this->find('[data-thing="covers"]')->getAttribute('aria-pressed'));
        $this->tap('.fs-go');
        self::assertStringContainsString("1 of $things loaded", $this->text('main'));
        $this->tap('.fs-work[data-what="collected"]');
        self::assertStringContainsString('on the truck', $this->text('.fs-work[data-what="collected"]'));
        $this->tap('[data-do="trouble"][data-what="heavy"]');
        self::assertSame('true', $this->find('[data-do="trouble"][data-what="heavy"]')->getAttribute('aria-pressed'));
        $this->go('#/yard/quarry');
        self::assertStringContainsString('Day sheet', $this->text('.fs-tabs'));
        self::assertStringNotContainsString('Day sheet (', $this->text('.fs-tabs'), 'Nothing is left to be ticked.');
        self::assertCount(5, $this->kept());
        // A board that nobody had planned.
        $this->go('#/yard/quarry/Q2');
        $this->tap('.fs-more summary');
        $this->tap('form[data-board] .btn');
        self::assertStringContainsString('The board is saved', $this->text('.fs-more'));
        self::server(true);
        $this->await('marjoramField.checkIn(); return marjoramField.queue.taps.length === 0', 'not sent');
        $this->phone('#/day/quarry');
        self::assertStringContainsString('(1 of ', $this->text('main'));
        self::assertSame('true', $this->find('.fs-work[data-what="collected"]')->getAttribute('aria-pressed'));
        self::assertStringContainsString('A box was too heavy here on', $this->text('main'));
        self::assertSame('true', $this->find('[data-do="trouble"][data-what="heavy"]')->getAttribute('aria-pressed'));
        self::assertContains('supers in', array_column($this->stored()['days'], 'aim'), 'Its supers are to be fetched.');
        $this->go('#/yard/quarry/Q2');
        self::assertSame(0, $this->howMany('form[data-board]'), 'Its board is ticked on the day sheet.');
    }

    public function test_frames_are_marked_as_they_come_off_and_read_home(): void
    {
        $box = $this->supers('Q2')[0];
        $this->ripe($box);
        $this->elsewhere('() => fetch("/account/policy").then((one) => one.text()).then((page) => {
            const form = new DOMParser().parseFromString(page, "text/html").querySelector("[name=frame_marks]").form;
            form.querySelector("[name=frame_marks]").value = "hive";
            return send("PUT", "/account/policy", Object.fromEntries(new FormData(form))).then((one) => one.status);
        })');
        $this->phone();
        self::server(false);
        $this->go("#/yard/quarry/Q2/$box/box");
        $this->tap('[data-f="frames-off"]');
        $this->tap('[data-f="off-4"]');
        $this->waitForText('#announce', 'Write on it: Q2 1/4 red 1');
        $this->tap('[data-f="off-5"]');
        $this->tap('[data-f="off-6"]');
        self::assertStringContainsString('Q2 1/6 red 3', $this->text('.fs-frames'));
        // Tapped by mistake: it stays, and its number is free again.
        $this->tap('[data-f="not-off-6"]');
        $this->tap('[data-f="off-7"]');
        self::assertStringContainsString('Q2 1/7 red 3', $this->text('.fs-frames'));
        self::assertStringNotContainsString('1/6', $this->text('.fs-frames'));
        $here = $this->verdict($box);
        self::assertSame(3, $here['gaps']);
        self::server(true);
        $this->await('marjoramField.checkIn(); return marjoramField.queue.taps.length === 0', 'not sent');
        $stored = $this->storedBox($box);
        self::assertEqualsCanonicalizing([4, 5, 7], $stored['gap_slots']);
        self::assertSame($here['kg'], $stored['verdict']['honey_kg'], 'The phone knew what is left.');

        // They are spun the same day, and read home by their marks, without a network again.
        self::assertSame(303, $this->spin());
        // What was said while there was no network is no fault of the page.
        self::$browser->manage()->getLog('browser');
        $this->phone();
        $this->assertGoodPage('#/back/quarry', '.fs-wet li');
        self::server(false);
        $this->go('#/');
        $this->type('#code', 'red 3'.WebDriverKeys::ENTER);
        $this->await('return location.hash === "#/back/quarry"', 'a mark does not lead to its frame');
        self::assertSame(3, $this->howMany('.fs-wet li'));
        self::assertStringContainsString('home: hive Q2, super 1, slot 7', $this->text('.fs-wet'));
        $this->tap('.fs-wet li:last-child [data-do="frame-back"]');
        self::assertSame(2, $this->howMany('.fs-wet li'));
        // Tapped by mistake it is thrown away, and is out again.
        $this->go('#/kept');
        $this->tap('.fs-waits [data-do="unsay"]');
        self::assertSame([], $this->kept());
        $this->go('#/back/quarry');
        self::assertSame(3, $this->howMany('.fs-wet li'));
        $this->tap('.fs-wet li:last-child [data-do="frame-back"]');
        self::assertSame(2, $this->verdict($box)['gaps']);
        self::server(true);
        $this->await('marjoramField.checkIn(); return marjoramField.queue.taps.length === 0', 'not sent');
        self::assertEqualsCanonicalizing([4, 5], $this->storedBox($box)['gap_slots']);
    }

    /** In the honey room, by its pages. */
    private function spin(): mixed
    {
        return $this->elsewhere('async () => {
            const page = (url) => fetch(url).then((one) => one.text());
            const lot = (await page("/honey-room/lots")).match(/honey-room\/([0-9a-z]{26})/)[1];
            await send("POST", `/honey-room/${lot}/arrive`, {});
            const frames = (await page(`/honey-room/${lot}`)).matchAll(/frames\/taken\/([0-9a-z]{26})/g);
            const supers = [...new Set([...frames].map((one) => one[1]))];
            const answer = await send("POST", "/honey-room/extractor/spun", {supers});
            return answer.ok ? 303 : answer.text();
        }');
    }

    /** Full, dry, and said to come off whatever winter needs. */
    private function ripe(string $box): void
    {
        $this->elsewhere('() => sendTaps(
            tap("frame", a, {slot: 4, a: b, b}, 0), tap("frame", a, {slot: 5, a: b, b}, 0),
            tap("frame", a, {slot: 6, a: b, b}, 0), tap("alike", a, {slot: 5}),
            tap("reading", a, {scale: "water", value: 17}),
        ).then(() => send("POST", `/winter/boxes/${a}/decisions`, {choice: "take", note: "fed instead"}))', $box, self::FULL);
    }

    private function plan(string $box): mixed
    {
        return $this->elsewhere('() => send("POST", "/clear/quarry/plans", {method: "brush", boxes: [a]})
            .then((one) => one.text().then((text) => one.ok ? 201 : text.slice(0, 300)))', $box);
    }

    /** It has what it is for, and everybody can use it. */
    private function assertGoodPage(string $hash, string $with): void
    {
        $this->go($hash);
        $this->assertAccessible($hash);
        $this->assertTargets($hash);
        self::assertGreaterThan(0, $this->howMany($with));
    }

    /** @return array{gaps: int, kg: float} as the phone shows it */
    private function verdict(string $box): array
    {
        /** @var array{gaps: int, kg: float} */
        return self::$browser->executeScript(
            'const box = marjoramField.sheet("quarry").hives.flatMap((one) => one.boxes).find((one) => one.id === arguments[0]);
            return {gaps: box.gaps, kg: box.verdict.honey_kg};',
            [$box],
        );
    }
}
