<?php

declare(strict_types=1);

namespace App\Words;

use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Finds every text that a person reads: what views and code hand to a translator, what reads as a sentence in the
 * code, and what the core says. Texts that are joined by a dot are one.
 */
final readonly class Sentences
{
    private const TAKES_TEXT = '(?:__|trans_choice|new Figure|InvalidInput::because)\(\s*$';

    /** A capital, a figure or a count first, a space, and the end of a sentence or another plural form. */
    private const SENTENCE = '/^["“]?[A-Z:{].* .*([.?!]$|\|\[2,\*\])/s';

    public function __construct(private string $root)
    {
    }

    /** @return list<Sentence> in the order of the alphabet */
    public function all(): array
    {
        $places = $uses = [];
        foreach ($this->files() as $path => $code) {
            foreach (self::texts($code) as [$text, $line, $use]) {
                $places[$text][] = "$path:$line";
                $uses[$text][] = $use;
            }
        }
        foreach ($this->core() as $key => $text) {
            $places[$text][] = "lang/en/core.php: $key";
            $uses[$text][] = SentenceUse::Text;
        }
        ksort($places);

        return array_map(
            static fn (string|int $text): Sentence => new Sentence((string) $text, $places[$text], $uses[$text]),
            array_keys($places),
        );
    }

    /**
     * The labels of the fields of the views, to see two labels for one thing, or one label for two.
     *
     * @return list<array{string, string}> name of the field, its label
     */
    public function labels(): array
    {
        $labels = [];
        foreach ($this->files() as $path => $code) {
            preg_match_all('~<x-(?:field|mass)\b(.*?)/>~s', str_contains($path, '.blade.') ? $code : '', $fields);
            foreach ($fields[1] as $field) {
                if (
                    preg_match('~\bname="([^"]+)"~', $field, $name) === 1 &&
                    preg_match("~:label=\"__\('((?:[^'\\\\]|\\\\.)*)'~", $field, $label) === 1
                ) {
                    $labels[] = [$name[1], stripslashes($label[1])];
                }
            }
        }

        return $labels;
    }

    /** @return array<string, string> code by path below the root */
    private function files(): array
    {
        $files = [];
        foreach (['app', 'core', 'resources/views'] as $folder) {
            $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$this->root/$folder"));
            foreach ($all as $file) {
                $isCode = $file instanceof SplFileInfo && $file->getExtension() === 'php';
                if ($isCode && ! str_contains($file->getPathname(), '/Console/')) {
                    $path = substr($file->getPathname(), strlen($this->root) + 1);
                    $files[$path] = (string) file_get_contents($file->getPathname());
                }
            }
        }
        ksort($files);

        return $files;
    }

    /** @return list<array{string, int, SentenceUse}> text, line, use */
    private static function texts(string $code): array
    {
        $texts = [];
        foreach (str_starts_with($code, '<?php') ? self::joined($code) : self::quoted($code) as $at => $text) {
            $before = substr($code, max(0, $at - 120), min(120, $at));
            if (preg_match('/'.self::TAKES_TEXT.'/', $before) === 1 || preg_match(self::SENTENCE, $text) === 1) {
                $texts[] = [$text, substr_count($code, "\n", 0, $at) + 1, self::use($before)];
            }
        }

        return $texts;
    }

    /** @return array<int, string> what stands between quotation marks in a view, by its place */
    private static function quoted(string $view): array
    {
        $bare = preg_replace_callback(
            '/\{\{--.*?--\}\}/s',
            static fn (array $comment): string => str_repeat(' ', strlen($comment[0])),
            $view,
        );
        preg_match_all('/\'(?:[^\'\\\\]|\\\\.)*\'/s', (string) $bare, $found, PREG_OFFSET_CAPTURE);

        return array_map(
            static fn (string $text): string => stripslashes(substr($text, 1, -1)),
            array_column($found[0], 0, 1),
        );
    }

    /** @return array<int, string> the literals of the code, joined where a dot joins them, by their places */
    private static function joined(string $code): array
    {
        $texts = [];
        $begun = null;
        $isDot = false;
        foreach (PhpToken::tokenize($code) as $token) {
            if ($token->is(T_CONSTANT_ENCAPSED_STRING)) {
                $begun = $isDot ? $begun ?? $token->pos : $token->pos;
                $texts[$begun] = ($texts[$begun] ?? '').stripslashes(substr($token->text, 1, -1));
                $isDot = false;
            } elseif ($token->text === '.') {
                $isDot = $begun !== null;
            } elseif (! $token->isIgnorable()) {
                $begun = null;
                $isDot = false;
            }
        }

        return $texts;
    }

    private static function use(string $before): SentenceUse
    {
        $call = '(?:__|trans_choice)\(\s*$/';

        return match (1) {
            preg_match('/:label="'.$call, $before) => SentenceUse::Label,
            preg_match('/<button[^<>]*>\s*\{\{\s*'.$call, $before) => SentenceUse::Button,
            preg_match('/<h[1-4][^<>]*>\s*\{\{\s*'.$call, $before) => SentenceUse::Heading,
            default => SentenceUse::Text,
        };
    }

    /** @return array<string, string> what the core says, by list and case */
    private function core(): array
    {
        $said = [];
        $lists = require "$this->root/lang/en/core.php";
        foreach (is_array($lists) ? $lists : [] as $list => $sentences) {
            foreach (is_array($sentences) ? $sentences : [] as $case => $text) {
                $said["$list.$case"] = is_string($text) ? $text : '';
            }
        }

        return $said;
    }
}
