<?php

declare(strict_types=1);

namespace Tests\Support;

use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Which folder of classes uses which, read from the code; a folder is named as in its namespace, with dots. */
final readonly class Arrows
{
    /** @param  array<string, array<string, int>>  $counts  using folder => used folder => number of classes used */
    private function __construct(public array $counts)
    {
    }

    public static function read(string $folder, string $namespace): self
    {
        $counts = [];
        $classes = self::classes($folder, $namespace);
        foreach ($classes as $class => $path) {
            $from = self::room($class, $namespace);
            preg_match_all(
                '/(?<![\w\\\\])\\\\?('.preg_quote($namespace).'\\\\[\w\\\\]+)/',
                (string) file_get_contents($path),
                $used,
            );
            $counts[$from] ??= [];
            foreach (array_unique($used[1]) as $other) {
                $to = isset($classes[$other]) ? self::room($other, $namespace) : $from;
                if ($to !== $from) {
                    $counts[$from][$to] = ($counts[$from][$to] ?? 0) + 1;
                }
            }
        }

        return new self($counts);
    }

    /** The same with folders joined: `Pages.HoneyRoom.Bench` counts as `Pages.HoneyRoom` at depth 2. */
    public function atDepth(int $depth): self
    {
        $joined = [];
        $upTo = static fn (string $room): string => implode('.', array_slice(explode('.', $room), 0, $depth));
        foreach ($this->counts as $from => $used) {
            $joined[$upTo($from)] ??= [];
            foreach ($used as $to => $n) {
                if ($upTo($to) !== $upTo($from)) {
                    $joined[$upTo($from)][$upTo($to)] = ($joined[$upTo($from)][$upTo($to)] ?? 0) + $n;
                }
            }
        }

        return new self($joined);
    }

    /** @return array<string, list<string>> the folders that use each other in a circle, directly or over others */
    public function circles(): array
    {
        $left = array_map(array_keys(...), $this->counts);
        do {
            $ends = array_keys(array_filter($left, static fn (array $to): bool => $to === []));
            $left = array_diff_key($left, array_flip($ends));
            $left = array_map(
                static fn (array $to): array => array_values(array_filter($to, static fn (string $one): bool => isset($left[$one]))),
                $left,
            );
        } while ($ends !== []);

        return $left;
    }

    /** One line for each folder, with what it uses: the picture in docs/architecture.md. */
    public function drawn(): string
    {
        $lines = [];
        $rooms = array_diff_key($this->counts, ['' => true]);
        ksort($rooms);
        $width = max(array_map(strlen(...), array_keys($rooms)));
        foreach ($rooms as $from => $used) {
            ksort($used);
            $names = wordwrap(implode(' ', array_diff(array_keys($used), [''])), 114 - $width);
            $lines[] = rtrim(str_pad($from, $width).' -> '.str_replace("\n", "\n".str_repeat(' ', $width + 4), $names), ' ->');
        }

        return implode("\n", $lines);
    }

    /** @return array<string, string> class => path */
    public static function classes(string $folder, string $namespace): array
    {
        $root = dirname(__DIR__, 2)."/$folder";
        $classes = [];
        $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, RecursiveDirectoryIterator::SKIP_DOTS));
        /** @var SplFileInfo $file */
        foreach ($all as $file) {
            $name = substr($file->getPathname(), strlen($root) + 1, -4);
            if ($file->getExtension() === 'php' && ! str_contains($name, '/data/')) {
                $classes[$namespace.'\\'.str_replace('/', '\\', $name)] = $file->getPathname();
            }
        }
        ksort($classes);

        return $classes;
    }

    private static function room(string $class, string $namespace): string
    {
        $parts = explode('\\', substr($class, strlen($namespace) + 1));
        array_pop($parts);

        return implode('.', $parts);
    }
}
