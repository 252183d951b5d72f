<?php

declare(strict_types=1);

namespace App\Drawing;

/** Where a drawing is put together, shape by shape. Lengths in px; y grows downwards. */
final class Canvas
{
    /** @var list<Shape> */
    private array $shapes = [];

    /** @return list<Shape> */
    public function shapes(): array
    {
        return $this->shapes;
    }

    public function path(string $class, string $d): self
    {
        return $d === '' ? $this : $this->add(Shape::whole('path', ['class' => $class, 'd' => $d]));
    }

    public function line(string $class, float $x, float $y, float $toX, float $toY): self
    {
        return $this->path($class, self::at('M', $x, $y).self::at('L', $toX, $toY));
    }

    public function rect(string $class, float $x, float $y, float $width, float $height): self
    {
        return $this->add(Shape::whole('rect', [
            'class' => $class,
            'x' => round($x, 1),
            'y' => round($y, 1),
            'width' => round(max(0.0, $width), 1),
            'height' => round(max(0.0, $height), 1),
        ]));
    }

    /** A box that says what it is to whoever points at it. */
    public function titled(string $title, callable $inside): self
    {
        return $this->within('g', [], static fn (Canvas $group) => $inside($group->title($title)));
    }

    public function circle(string $class, float $x, float $y, float $radius): self
    {
        $attributes = ['class' => $class, 'cx' => round($x, 1), 'cy' => round($y, 1), 'r' => $radius];

        return $this->add(Shape::whole('circle', $attributes));
    }

    public function text(string $class, float $x, float $y, string $words, string $anchor = 'start'): self
    {
        $attributes = ['class' => $class, 'x' => round($x, 1), 'y' => round($y, 1)];

        return $this->add(Shape::whole(
            'text',
            $attributes + ($anchor === 'start' ? [] : ['text-anchor' => $anchor]),
            $words,
        ));
    }

    /** A symbol of the sprite. */
    public function glyph(string $name, string $class, float $x, float $y, float $size): self
    {
        return $this->add(Shape::whole('use', [
            'href' => "#$name",
            'class' => $class,
            'x' => round($x, 1),
            'y' => round($y, 1),
            'width' => $size,
            'height' => $size,
        ]));
    }

    public function title(string $words): self
    {
        return $this->add(Shape::whole('title', [], $words));
    }

    /**
     * @param  array<string, string|int|float>  $more
     * @param  callable(Canvas): mixed  $inside
     */
    public function link(string $href, string $label, callable $inside, array $more = []): self
    {
        return $this->within('a', ['href' => $href, 'aria-label' => $label] + $more, $inside);
    }

    /**
     * @param  array<string, string|int|float>  $attributes
     * @param  callable(Canvas): mixed  $inside
     */
    public function within(string $tag, array $attributes, callable $inside): self
    {
        $this->add(Shape::opening($tag, $attributes));
        $inside($this);

        return $this->add(Shape::closing($tag));
    }

    public function add(Shape ...$shapes): self
    {
        array_push($this->shapes, ...array_values($shapes));

        return $this;
    }

    /** A command of a path to a point. */
    public static function at(string $command, float $x, float $y): string
    {
        return $command.round($x, 1).' '.round($y, 1);
    }

    /** A closed box as part of a path: many of them are one shape. */
    public static function box(float $x, float $y, float $width, float $height): string
    {
        return self::at('M', $x, $y).'h'.round($width, 1).'v'.round($height, 1).'h'.round(-$width, 1).'z';
    }
}
