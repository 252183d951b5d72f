<?php

declare(strict_types=1);

namespace App\Words;

/** A text that a person reads, with the places in the code where it is said. */
final readonly class Sentence
{
    /**
     * @param  string  $text  as written, with its placeholders and plural forms
     * @param  list<string>  $places  file:line
     * @param  non-empty-list<SentenceUse>  $uses  what it is there
     */
    public function __construct(public string $text, public array $places, public array $uses)
    {
    }

    /** @return list<string> its plural forms, without the counts before them; the text itself where it has none */
    public function forms(): array
    {
        $bare = static fn (string $form): string => (string) preg_replace('/^[{\[][\d,*]+[}\]]\s*/', '', $form);

        return array_map($bare, explode('|', $this->text));
    }
}
