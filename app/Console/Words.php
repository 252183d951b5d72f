<?php

declare(strict_types=1);

namespace App\Console;

use App\Words\FieldLabels;
use App\Words\PlainWords;
use App\Words\Sentence;
use App\Words\Sentences;
use Illuminate\Console\Command;

/** Lists every sentence that a person reads, with its places, and checks the rules of plain words. */
final class Words extends Command
{
    protected $signature = 'words
        {--problems : only what breaks a rule}
        {--with= : only texts with these letters}
        {--labels : only two labels for one field, one label for two}';

    protected $description = 'List every sentence with its places, and what breaks the rules of plain words';

    public function handle(PlainWords $rules): int
    {
        if ($this->option('labels') === true) {
            return $this->labels();
        }
        $with = $this->option('with');
        $sentences = array_filter(
            (new Sentences(base_path()))->all(),
            static fn (Sentence $one): bool => ! is_string($with) || str_contains($one->text, $with),
        );
        $broken = 0;
        foreach ($sentences as $sentence) {
            $problems = $rules->problems($sentence);
            $broken += $problems === [] ? 0 : 1;
            if ($problems !== [] || $this->option('problems') !== true) {
                $this->line($sentence->text);
                $this->line('    '.implode("\n    ", [...$sentence->places, ...$problems]));
            }
        }
        $this->line(sprintf('%d texts, %d break a rule. %s', count($sentences), $broken, self::lengths($sentences)));

        return $broken === 0 ? self::SUCCESS : self::FAILURE;
    }

    private function labels(): int
    {
        $problems = (new FieldLabels((new Sentences(base_path()))->labels()))->problems();
        foreach ($problems as $problem) {
            $this->line($problem);
        }

        return $problems === [] ? self::SUCCESS : self::FAILURE;
    }

    /** @param  array<int, Sentence>  $sentences */
    private static function lengths(array $sentences): string
    {
        $words = [];
        foreach ($sentences as $sentence) {
            foreach ($sentence->forms() as $form) {
                foreach (PlainWords::split($form) as $one) {
                    if (preg_match('/[.!?]$/', $one) === 1) {
                        $words[] = count(PlainWords::wordsOf($one));
                    }
                }
            }
        }
        sort($words);
        $at = static fn (float $share): int => $words[(int) floor($share * (count($words) - 1))] ?? 0;

        return sprintf('Words a sentence: median %d, 90th percentile %d, longest %d.', $at(0.5), $at(0.9), $at(1.0));
    }
}
