<?php

declare(strict_types=1);

namespace App\Words;

use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Finds every text that a person reads: in the views, in the code, and in what the core says. */
final readonly class Sentences
{
    private const CALL = '(?:__|trans_choice)\(\s*\'((?:[^\'\\\\]|\\\\.)*)\'';

    public function __construct(private string $root)
    {
    }

    /** @return list<Sentence> in the order of the alphabet */
    public function all(): array
    {
        $places = $uses = [];
        foreach ($this->files() as $path => $code) {
            foreach ($this->calls($code) as [$text, $line, $use]) {
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

    /** @return array<string, string> code by path below the root */
    private function files(): array
    {
        $files = [];
        foreach (['app', 'resources/views'] as $folder) {
            $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$this->root/$folder"));
            foreach ($all as $file) {
                if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                    $path = substr($file->getPathname(), strlen($this->root) + 1);
                    $files[$path] = (string) file_get_contents($file->getPathname());
                }
            }
        }
        ksort($files);

        return $files;
    }

    /** @return list<array{string, int, SentenceUse}> text, line, use */
    private function calls(string $code): array
    {
        preg_match_all('~'.self::CALL.'~s', $code, $found, PREG_OFFSET_CAPTURE);
        $calls = [];
        foreach ($found[1] as $i => [$text, $at]) {
            $before = substr($code, max(0, $found[0][$i][1] - 120), min(120, $found[0][$i][1]));
            $calls[] = [stripslashes($text), substr_count($code, "\n", 0, $at) + 1, self::use($before)];
        }

        return $calls;
    }

    private static function use(string $before): SentenceUse
    {
        return match (1) {
            preg_match('/:label="$/', $before) => SentenceUse::Label,
            preg_match('/<button[^<>]*>\s*\{\{\s*$/', $before) => SentenceUse::Button,
            preg_match('/<h[1-4][^<>]*>\s*\{\{\s*$/', $before) => SentenceUse::Heading,
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
