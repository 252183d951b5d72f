<?php

declare(strict_types=1);

namespace Tests\Architecture;

use App\Words\FieldLabels;
use App\Words\PlainWords;
use App\Words\Sentence;
use App\Words\Sentences;
use App\Words\SentenceUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a person reads is in plain words; docs/glossary.md says how. */
final class PlainWordsTest extends TestCase
{
    public function test_every_text_keeps_the_rules(): void
    {
        $rules = new PlainWords;
        $broken = [];
        $sentences = (new Sentences(dirname(__DIR__, 2)))->all();
        foreach ($sentences as $sentence) {
            foreach ($rules->problems($sentence) as $problem) {
                $broken[] = "{$sentence->places[0]}: \"$sentence->text\": $problem";
            }
        }

        self::assertGreaterThan(2500, count($sentences));
        self::assertSame([], $broken);
    }

    public function test_one_field_has_one_label_and_one_label_one_field(): void
    {
        $labels = (new Sentences(dirname(__DIR__, 2)))->labels();

        self::assertGreaterThan(150, count($labels));
        self::assertSame([], (new FieldLabels($labels))->problems());

        $found = (new FieldLabels([...$labels, ['tare', 'Weight when empty'], ['since', 'Year']]))->problems();
        self::assertStringContainsString('field "tare" has the labels', implode("\n", $found));
        self::assertStringContainsString('field "since" has the labels', implode("\n", $found));
    }

    /** @return iterable<string, array{string, SentenceUse, string}> */
    public static function notPlain(): iterable
    {
        yield 'a long sentence' => [str_repeat('word ', 21).'end.', SentenceUse::Text, '22 words, at most 20'];
        yield 'a long label' => ['The way that this box stood', SentenceUse::Label, '6 words, at most 4'];
        yield 'an old word' => ['Reckoned again.', SentenceUse::Text, 'say calculate'];
        yield 'a riddle' => ['This is none of ours.', SentenceUse::Text, 'say name the noun'];
        yield 'statistics' => ['18 % (standard deviation 2)', SentenceUse::Text, 'say range'];
        yield 'a piece' => [' and more', SentenceUse::Text, 'a part of a sentence'];
        yield 'a plural without its count' => ['{1} one|more', SentenceUse::Text, 'without their counts'];
        yield 'a plural that loses a figure' => [':n hive at :yard|:n hives', SentenceUse::Text, 'different figures'];
    }

    #[DataProvider('notPlain')]
    public function test_what_is_not_plain_is_found(string $text, SentenceUse $use, string $problem): void
    {
        $found = (new PlainWords)->problems(new Sentence($text, [], [$use]));

        self::assertStringContainsString($problem, implode('; ', $found));
    }
}
