<?php

declare(strict_types=1);

namespace App\Pages\Assess\Notes;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Drawing\Picture;
use Marjoram\Core\Notes\NoteItem;

/** A line of short notes with the hive and the super that it is of, and what it would look like. */
final readonly class NotedLine
{
    /**
     * @param  string  $yard  its slug
     * @param  list<NoteItem>  $items
     * @param  list<string>  $says  each item in words
     */
    public function __construct(
        public int $line,
        public string $yard,
        public HiveState $hive,
        public ?BoxState $box,
        public array $items,
        public array $says,
        public ?Picture $picture,
    ) {
    }

    public function name(): string
    {
        return $this->hive->code.($this->box === null ? '' : ', '.$this->box->name());
    }
}
