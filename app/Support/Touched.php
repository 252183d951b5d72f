<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Apiary;

/** The yards that this request's writes bear on: what is kept of the others stays. */
final class Touched
{
    /** @var array<string, true> */
    private array $apiaries = [];

    private bool $all = false;

    /** @param  string|bool  $yard an apiary's id, true for all yards, false for none */
    public function add(string|bool $yard): void
    {
        if (is_string($yard)) {
            $this->apiaries[$yard] = true;
        } else {
            $this->all = $this->all || $yard;
        }
    }

    /** Raises the revision of each yard touched, once. */
    public function raise(): void
    {
        if ($this->all || $this->apiaries !== []) {
            Apiary::query()->when(! $this->all, fn ($query) => $query->whereIn('id', array_keys($this->apiaries)))->increment('revision');
        }
        $this->apiaries = [];
        $this->all = false;
    }
}
