<?php

declare(strict_types=1);

namespace App\Assess;

use Marjoram\Core\Ripeness\Verdict;

/** Where to look next: the next frame of this super, then this hive's other supers from the top, then the yard's by value. */
final readonly class NextStop
{
    private function __construct(public string $url, public string $words)
    {
    }

    public static function after(
        string $yard,
        YardBoard $board,
        \App\YardState\HiveState $hive,
        \App\YardState\BoxState $box,
    ): ?self {
        if ($box->verdict() === Verdict::Look && is_int($box->ripeness->lookNext)) {
            return self::at($yard, $hive, $box, __('Look at frame :n', ['n' => $box->ripeness->lookNext]));
        }
        foreach (array_reverse($hive->supers()) as $other) {
            if (
                $other->box->id !== $box->box->id &&
                $other->verdict() === Verdict::Look &&
                is_int($other->ripeness->lookNext)
            ) {
                return self::at(
                    $yard,
                    $hive,
                    $other,
                    __('Next: :box, frame :n', ['box' => $other->name(), 'n' => $other->ripeness->lookNext]),
                );
            }
        }
        foreach ($board->worth as $other) {
            if ($other['code'] !== $hive->hive->code && $other['slot'] !== null) {
                return new self(
                    route('assess.hive', [$yard, $other['code'], 'box' => $other['box'], 'slot' => $other['slot']]).
                        '#painter',
                    __('Next: hive :hive, :box', ['hive' => $other['code'], 'box' => $other['name']]),
                );
            }
        }

        return null;
    }

    private static function at(
        string $yard,
        \App\YardState\HiveState $hive,
        \App\YardState\BoxState $box,
        string $words,
    ): self {
        return new self(
            route('assess.hive', [
                $yard,
                $hive->hive->code,
                'box' => $box->box->id,
                'slot' => $box->ripeness->lookNext,
            ]).'#painter',
            $words,
        );
    }
}
