<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;

/** Where to look next: the next frame of this super, this hive's others from the top, then the yard's by value. */
final readonly class NextStop
{
    private function __construct(public string $url, public string $words)
    {
    }

    public static function after(string $yard, YardBoard $board, HiveState $hive, BoxState $box): ?self
    {
        if (self::isToLookAt($box)) {
            return self::at($yard, $hive, $box, __('Inspect frame :n', ['n' => $box->nextSlot()]));
        }
        foreach (array_reverse($hive->supers()) as $other) {
            if ($other->id !== $box->id && self::isToLookAt($other)) {
                $names = ['box' => $other->name(), 'n' => $other->nextSlot()];

                return self::at($yard, $hive, $other, __('Next: :box, frame :n', $names));
            }
        }
        foreach ($board->worth as $row) {
            if ($row->hive !== $hive->code && $row->nextSlot !== null) {
                $where = [$yard, $row->hive, 'box' => $row->id, 'slot' => $row->nextSlot];
                $words = __('Next: hive :hive, :box', ['hive' => $row->hive, 'box' => $row->name]);

                return new self(route('assess.hive', $where).'#painter', $words);
            }
        }

        return null;
    }

    private static function isToLookAt(BoxState $box): bool
    {
        return $box->isToLookAt() && $box->nextSlot() !== null;
    }

    private static function at(string $yard, HiveState $hive, BoxState $box, string $words): self
    {
        $where = [$yard, $hive->code, 'box' => $box->id, 'slot' => $box->nextSlot()];

        return new self(route('assess.hive', $where).'#painter', $words);
    }
}
