<?php

declare(strict_types=1);

namespace App\Transfer;

use Illuminate\Support\Facades\Cache;

/** How far an import is. Kept beside the database, as its transaction is not seen from outside. */
final readonly class ImportProgress
{
    private const SECONDS = 3600;

    public function __construct(private string $import)
    {
    }

    /** @param  string  $step  count, records, photographs or pages */
    public function tell(string $step, int $done, int $of): void
    {
        Cache::put($this->key(), [$step, $done, $of], self::SECONDS);
    }

    public function words(): string
    {
        /** @var array{string, int, int}|null $told */
        $told = Cache::get($this->key());
        [$step, $done, $of] = $told ?? ['', 0, 0];
        $figures = ['n' => number_format($done), 'of' => number_format($of)];

        return match ($step) {
            'count' => __('Counting what is in the file.'),
            'photographs' => __(':n photographs are read.', $figures),
            'records' => __(':n of :of records are read.', $figures),
            'pages' => __('Opening every page with the new records, as a check.'),
            default => __('The import begins in a moment.'),
        };
    }

    private function key(): string
    {
        return "import.$this->import";
    }
}
