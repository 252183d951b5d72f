<?php

declare(strict_types=1);

namespace App\Apiary\Inspections;

use App\Models\Casts\AsFace;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;

/** A frame came into a slot of a box, or went out of it. */
final readonly class SlotMove
{
    private function __construct(
        public int $slot,
        public bool $out,
        public string $on,
        public string $madeAt,
        private Face $a,
        private Face $b,
        private bool $seen,
        public ?CombNote $comb,
    ) {
    }

    /**
     * @param  array<string, mixed>  $row  of frame_moves
     * @param  string  $end  from or to
     */
    public static function of(array $row, string $end): self
    {
        $text = static fn (string $key): string => is_scalar($row[$key] ?? null) ? (string) $row[$key] : '';

        return new self(
            (int) $text("{$end}_slot"),
            $end === 'from',
            $text('moved_on'),
            $text('made_at'),
            AsFace::read('a', $row),
            AsFace::read('b', $row),
            (bool) ($row['seen'] ?? true),
            $text('comb') === '' ? null : new CombNote(
                $text('comb'),
                $text('comb_year') === '' ? null : (int) $text('comb_year'),
            ),
        );
    }

    public function at(): string
    {
        return "$this->on $this->madeAt";
    }

    /** An empty one says nothing of its neighbours; one that was presumed is as little sure as it was. */
    public function frame(): Frame
    {
        $isEmpty = $this->a->honey() + $this->b->honey() + $this->a->brood + $this->b->brood <= 0.0;

        return new Frame($this->slot, $this->a, $this->b, ! $this->seen && ! $isEmpty, $isEmpty, moved: true);
    }
}
