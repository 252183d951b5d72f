<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Foundation\Units\Formatter;
use Illuminate\Http\Request;
use Marjoram\Core\HoneyRoom\JarGoal;

/** The question about jars as it is in the address; impossible values count as not given. */
final readonly class JarsForm
{
    public function __construct(private Request $request, public Formatter $format)
    {
    }

    public function honeyKg(): ?float
    {
        $honey = $this->request->query('honey');

        return is_numeric($honey) ? $this->format->massToKg((float) $honey) : null;
    }

    public function waterPct(): float
    {
        return $this->between('water', 17.5, 13.7, 21.5);
    }

    public function depthCm(): float
    {
        $lengths = $this->format->lengths;

        return $lengths->toCm($this->between('depth', $lengths->hand(35.0), $lengths->hand(1.0), $lengths->hand(500.0)));
    }

    public function nominalG(): float
    {
        return $this->between('nominal', 500.0, 5.0, 10000.0);
    }

    public function goal(): JarGoal
    {
        $goal = $this->request->query('goal');

        return JarGoal::tryFrom(is_string($goal) ? $goal : '') ?? JarGoal::LeastLeft;
    }

    /** @return list<float> g */
    public function weights(): array
    {
        $given = $this->request->query('weights');
        $parts = is_string($given) ? preg_split('/[\s;]+/', mb_substr($given, 0, 4000)) : [];
        $numbers = array_map(static fn (string $one): string => str_replace(',', '.', $one), $parts ?: []);

        return array_values(array_map(floatval(...), array_filter($numbers, is_numeric(...))));
    }

    /** Number of jar kinds in the question. */
    public function kinds(): int
    {
        $net = $this->request->query('net');

        return is_array($net) ? count(array_filter($net, is_numeric(...))) : 0;
    }

    public function number(string $name, int $row): ?float
    {
        $value = $this->at($name, $row);

        return is_numeric($value) ? (float) $value : null;
    }

    public function whole(string $name, int $row): int
    {
        return (int) round($this->number($name, $row) ?? 0.0);
    }

    /** As it was typed, to be shown again. */
    public function typed(string $name, ?int $row = null): string
    {
        $value = $row === null ? $this->request->query($name) : $this->at($name, $row);

        return is_string($value) ? $value : '';
    }

    private function at(string $name, int $row): mixed
    {
        $values = $this->request->query($name);

        return is_array($values) ? $values[$row] ?? null : null;
    }

    private function between(string $name, float $usual, float $least, float $most): float
    {
        $value = $this->request->query($name);

        return is_numeric($value) ? max($least, min($most, (float) $value)) : $usual;
    }
}
