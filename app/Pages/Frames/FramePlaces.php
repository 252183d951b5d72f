<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Hives\YardReader;

/** Where frames may be put: boxes with gaps in all yards, each other's place, store, or the melter. */
final readonly class FramePlaces
{
    public function __construct(private YardReader $yards)
    {
    }

    /** @return array<string, string> boxes by mark, then the rest */
    public function all(): array
    {
        return $this->gaps() + [
            MoveFrames::SWAP => __('each other\'s place (two frames)'),
            MoveFrames::STORE => __('store'),
            MoveFrames::CULL => __('melted down: old or damaged comb'),
        ];
    }

    /** @return array<string, string> */
    private function gaps(): array
    {
        $gaps = [];
        foreach ($this->yards->all() as $yard) {
            foreach ($yard->hives as $code => $hive) {
                foreach ($hive->fromTheTop() as $box) {
                    $free = count($box->look->gaps);
                    if ($free > 0) {
                        $words = '{1} :hive, :box: :count gap|[2,*] :hive, :box: :count gaps';
                        $gaps[$box->mark] = trans_choice($words, $free, ['hive' => $code, 'box' => $box->name()]);
                    }
                }
            }
        }

        return $gaps;
    }
}
