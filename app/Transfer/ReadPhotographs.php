<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Foundation\Server\Photographs;
use Closure;

/** The photographs that a whole operation names: decoded and encoded again, and stored, where the file holds them. */
final readonly class ReadPhotographs
{
    /** @param  array<array-key, ?string>  $names  here by the name in the file; null where it is not in the file */
    private function __construct(private array $names)
    {
    }

    /**
     * @param  Closure(string, int, int): void  $progress
     *
     * @throws Unreadable where one is no photograph
     */
    public static function of(WholeSource $source, WholeTable $table, Closure $progress): self
    {
        $names = [];
        $done = 0;
        foreach ($source->rows($table) as $n => $row) {
            $name = self::named($row) ?? throw Unreadable::because(__('the photograph has no name'))->at("$table->name, $n");
            if (! array_key_exists($name, $names)) {
                $bytes = self::embedded($row) ?? $source->photograph($name);
                $names[$name] = $bytes === null ? null : self::stored($bytes, $name);
                $progress('photographs', ++$done, 0);
            }
        }

        return new self($names);
    }

    /**
     * @param  array<array-key, mixed>  $row  of hive_photos
     * @return ?string the name under which its photograph is stored here
     */
    public function nameHere(array $row): ?string
    {
        return $this->names[self::named($row) ?? ''] ?? null;
    }

    public function found(): int
    {
        return count(array_filter($this->names));
    }

    public function missing(): int
    {
        return count($this->names) - $this->found();
    }

    private static function stored(string $bytes, string $name): string
    {
        return Photographs::store(Photographs::cleaned($bytes) ?? throw Unreadable::because(
            __('photograph :name is not a JPEG that can be shown', ['name' => mb_substr($name, 0, 12)]),
        ));
    }

    /** @param  array<array-key, mixed>  $row */
    private static function named(array $row): ?string
    {
        $name = $row['sha256'] ?? null;
        $embedded = self::embedded($row);

        return match (true) {
            is_string($name) && preg_match('/^[0-9a-f]{64}$/', $name) === 1 => $name,
            $embedded !== null => hash('sha256', $embedded),
            default => null,
        };
    }

    /**
     * As version 1 has it, within the row.
     *
     * @param  array<array-key, mixed>  $row
     */
    private static function embedded(array $row): ?string
    {
        $bytes = is_string($row['jpeg'] ?? null) ? base64_decode($row['jpeg'], true) : false;

        return $bytes === false ? null : $bytes;
    }
}
