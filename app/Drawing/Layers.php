<?php

declare(strict_types=1);

namespace App\Drawing;

/** One path for each class, however many parts it has; those of the first class lie lowest. */
final class Layers
{
    /** @var array<string, string> */
    private array $paths;

    public function __construct(string ...$classes)
    {
        $this->paths = array_fill_keys(array_values($classes), '');
    }

    /** A class that was not named at first comes to lie on top. */
    public function add(string $class, string $d): self
    {
        $this->paths[$class] = ($this->paths[$class] ?? '').$d;

        return $this;
    }

    public function on(Canvas $canvas): void
    {
        foreach ($this->paths as $class => $d) {
            $canvas->path($class, $d);
        }
    }
}
