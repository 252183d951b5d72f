<?php

declare(strict_types=1);

namespace App\Words;

/** The rules of plain words that a machine can check; docs/glossary.md has the words. */
final class PlainWords
{
    /** What is said instead, by what must not be said (a pattern). */
    private const INSTEAD = [
        'reckon\w*' => 'calculate',
        'anew|afresh' => 'again',
        'befell|befall\w*' => 'happened',
        '(is|are|was) wanted' => 'is needed',
        'to be looked at' => 'to inspect',
        '(is|are) none\b' => 'name the noun',
        'whoever' => 'name the person',
        'of what' => 'name the noun',
        'so (much|many)' => 'a number',
        'presum\w*' => 'estimated, assumed',
        'look(ed|s)? at' => 'inspect, check',
        'looks? first' => 'inspect first',
        'a look|looks (have|carry|are)' => 'an inspection',
        'this is no' => 'is not a',
        '^There (is|are)( no)?' => 'name the noun first',
        'any more' => 'no longer',
        'freed' => 'without',
        'hangs? on' => 'depends on',
        'speaks? (for|of|most)' => 'shows',
        'all the same' => 'anyway',
        'at hand' => 'ready',
        'amid' => 'in the middle of',
        'spun|unspun' => 'extracted',
        'by itself|by themselves' => 'automatically',
        '(is|are|was|were) noted|^noted' => 'saved',
        'kept' => 'saved',
        'standard deviation|\bsd\b' => 'range',
        '(day|time|moment) is still to come' => 'in the future',
        'winter share' => 'winter stores',
        'foremother' => 'descend',
        'least hives' => 'weakest hives',
        'else\b(?<!one else|body else)' => 'otherwise',
    ];

    /**
     * What is wrong with a text; nothing where it is plain.
     *
     * @return list<string>
     */
    public function problems(Sentence $sentence): array
    {
        $problems = [];
        foreach ($sentence->forms() as $form) {
            array_push($problems, ...$this->tooLong($form, $sentence->uses), ...$this->words($form));
        }
        array_push($problems, ...$this->placeholders($sentence), ...$this->counts($sentence->text));
        if (trim($sentence->text) !== $sentence->text) {
            $problems[] = 'a part of a sentence: it begins or ends with a space';
        }

        return array_values(array_unique($problems));
    }

    /**
     * @param  non-empty-list<SentenceUse>  $uses
     * @return list<string>
     */
    private function tooLong(string $form, array $uses): array
    {
        $most = min(array_map(static fn (SentenceUse $use): int => $use->value, $uses));
        $bare = (string) preg_replace('/,? (:unit|%|kg|g|cm|N)$/', '', $form);
        $problems = [];
        foreach (self::split($bare) as $one) {
            $words = count(self::wordsOf($one));
            if ($words > $most) {
                $problems[] = "$words words, at most $most";
            }
        }

        return $problems;
    }

    /** @return list<string> the sentences of a text */
    public static function split(string $text): array
    {
        return preg_split('/(?<=[.!?])\s+/', $text) ?: [];
    }

    /** @return list<string> */
    public static function wordsOf(string $sentence): array
    {
        return preg_split('/\s+/', trim($sentence), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** @return list<string> */
    private function words(string $form): array
    {
        $problems = [];
        foreach (self::INSTEAD as $never => $instead) {
            if (preg_match("~(?<![\w:])(?:$never)(?![\w])~iu", $form, $found) === 1) {
                $problems[] = "\"$found[0]\": say $instead";
            }
        }

        return $problems;
    }

    /** @return list<string> plural forms have the same figures; a form for one number may leave that number out */
    private function placeholders(Sentence $sentence): array
    {
        $named = array_map(static function (string $form): array {
            preg_match_all('/:([a-z]\w*)/', $form, $found);
            $names = array_diff(array_unique($found[1]), ['count']);
            sort($names);

            return $names;
        }, $sentence->forms());
        $exact = (int) preg_match_all('/(?:^|\|)\{\d\}/', $sentence->text);
        $alike = array_unique(array_map(serialize(...), array_slice($named, $exact)));

        return count($alike) > 1 ? ['plural forms with different figures'] : [];
    }

    /** @return list<string> two forms, or each with its count */
    private function counts(string $text): array
    {
        $forms = explode('|', $text);
        $counted = count(array_filter($forms, static fn (string $form): bool => preg_match('/^[{\[]/', $form) === 1));

        $bare = count($forms) - $counted;

        return $bare === 0 || ($counted === 0 && $bare <= 2) ? [] : ['plural forms without their counts'];
    }
}
