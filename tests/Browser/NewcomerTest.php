<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Ten questions of somebody who sees a page for the first time: the first screen answers them, without a scroll. */
final class NewcomerTest extends BrowserTestCase
{
    private const ANSWERS = [
        'What should I do next?' => ['/', '/Do next\s+\S+.*Open this task/su'],
        'Which supers do I inspect, and which are ripe?' => ['/', '/Inspect \d+ supers\. \d+ supers are ripe\./'],
        'Is the flow over?' => ['/watch/ekbacken', '/The flow is over\./'],
        'How sure is that?' => ['/watch/ekbacken', '/\d+\s?%/u'],
        'What is this super?' => ['/assess/ekbacken/E4', '/Inspect frame \d+ before you decide\./'],
        'Why?' => ['/assess/ekbacken/E4', '/Reasons.*Ripe by your rule|Ripe by your rule.*Reasons/s'],
        'How sure is it of the capping?' => ['/assess/ekbacken/E4', '/\d+ % of the honey is capped \(range \d+ to \d+ %\)/'],
        'What does winter need?' => ['/winter/ekbacken', '/may give ~\d+.*Needed to/su'],
        'How do the supers come in, and when?' => ['/clear/ekbacken', '/(Boards on|on) \w+ \d+ \w+/'],
        'Can these queens be compared?' => ['/compare/queens', '/Due to the queen/'],
    ];

    private const FIRST_SCREEN = <<<'JS'
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        let text = '';
        while (walk.nextNode()) {
          const range = document.createRange();
          range.selectNodeContents(walk.currentNode);
          const { width, top, bottom } = range.getBoundingClientRect();
          if (width && top < 800 && bottom > 0) text += ` ${walk.currentNode.data.trim()}`;
        }
        return text;
        JS;

    public function test_the_first_screen_answers_ten_questions(): void
    {
        $this->signIn('keeper');
        self::screen(1280, 800);
        $page = '';
        foreach (self::ANSWERS as $question => [$address, $answer]) {
            if ($address !== $page) {
                $this->open($page = $address);
            }
            $text = self::$browser->executeScript(self::FIRST_SCREEN);
            self::assertMatchesRegularExpression($answer, $text, "$address: $question");
        }
    }

    public function test_who_disagrees_finds_where_to_say_so(): void
    {
        $this->signIn('keeper');
        $this->open('/assess/ekbacken/E4');
        self::assertStringContainsString('Decide differently', $this->text());
    }

    public function test_a_term_is_explained_by_a_tap(): void
    {
        $this->signIn('keeper');
        $this->open('/assess/ekbacken/E4');
        $this->click('[popovertarget=term-ripe-by-your-rule]');
        self::assertTrue($this->find('#term-ripe-by-your-rule')->isDisplayed());
        self::assertStringContainsString('meets the rule', $this->text('#term-ripe-by-your-rule'));
        $this->assertAccessible('a term that is open');
    }
}
