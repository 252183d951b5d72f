<?php

declare(strict_types=1);

namespace App\Assess;

use App\Drawing\BoxSection;
use App\Support\Units\Formatter;
use App\YardState\YardPicture;

/** One hive opened: larger, with the verdict in words beside each box, and each frame of the chosen box a link. */
final readonly class OpenedHive
{
    private const PX_PER_MM = 0.235;

    public function svg(
        \App\YardState\HiveState $hive,
        string $slug,
        \App\YardState\BoxState $chosen,
        int $slot,
    ): string {
        $section = new BoxSection(self::PX_PER_MM);
        $picture = new YardPicture;
        $f = app(Formatter::class);
        $out = '';
        $y = 8.0;
        foreach (array_reverse($hive->boxes) as $box) {
            $href = route('assess.hive', [$slug, $hive->hive->code, 'box' => $box->box->id]).'#opened';
            $drawn = $picture->box($hive, $box, $href, $chosen->box->id);
            $width = $drawn->widthMm * self::PX_PER_MM;
            $height = $drawn->heightMm * self::PX_PER_MM;
            $inside =
                $section->svg($drawn, 4.0, $y).
                ($drawn->selected ? BoxSection::rect('picked', 2.0, $y - 1.0, $width + 4.0, $height + 2.0) : '').
                '<path class="joint" d="M4 '.
                round($y, 1).
                'h'.
                round($width, 1).
                '"/>';
            $words = $box->isSuper()
                ? '<use href="#v-'.
                    $box->mark().
                    '" class="gl" x="'.
                    round($width + 12, 1).
                    '" y="'.
                    round($y + 0.5 * $height - 16, 1).
                    '" width="15" height="15"/><text class="t14 b" x="'.
                    round($width + 32, 1).
                    '" y="'.
                    round($y + 0.5 * $height - 4, 1).
                    '">'.
                    e(\App\YardState\Marks::word($box->verdict())).
                    '</text>'.
                    '<text class="t13 soft" x="'.
                    round($width + 12, 1).
                    '" y="'.
                    round($y + 0.5 * $height + 14, 1).
                    '">~'.
                    e($f->kg($box->honey->honeyKg)).
                    '</text>'
                : '<text class="t13 soft" x="'.
                    round($width + 12, 1).
                    '" y="'.
                    round($y + 0.5 * $height + 4, 1).
                    '">'.
                    e(__('brood')).
                    '</text>';
            $out .=
                '<a href="'.
                e($href).
                '" aria-label="'.
                e($drawn->words).
                '"'.
                ($drawn->selected ? ' aria-current="true"' : '').
                '><title>'.
                e($drawn->words).
                '</title>'.
                $inside.
                '</a><g aria-hidden="true">'.
                $words.
                '</g>';
            if ($drawn->selected) {
                $out .= $this->frames(
                    $box,
                    $slug,
                    $hive->hive->code,
                    $drawn->insideMm,
                    $drawn->widthMm,
                    $y,
                    $height,
                    $slot,
                );
            }
            $y += $height;
            if ($box->isSuper() && $box->number === 1 && $hive->hive->excluder) {
                $out .= sprintf(
                    '<path class="exc" d="M0 %1$.1fH%2$.1fM0 %3$.1fH%2$.1f"/>',
                    $y + 2,
                    $width + 8,
                    $y + 4.5,
                );
                $y += 7.0;
            }
        }

        return '<svg class="opened-hive" viewBox="0 0 216 '.
            ceil($y + 6).
            '" role="group" aria-label="'.
            e(__('Hive :code opened', ['code' => $hive->hive->code])).
            '">'.
            $out.
            '</svg>';
    }

    private function frames(
        \App\YardState\BoxState $box,
        string $slug,
        string $code,
        float $insideMm,
        float $widthMm,
        float $y,
        float $height,
        int $slot,
    ): string {
        $left = 4.0 + 0.5 * ($widthMm - $insideMm) * self::PX_PER_MM;
        $pitch = ($insideMm * self::PX_PER_MM) / $box->fitted->framesFitted;
        $out = '';
        for ($n = 1; $n <= $box->fitted->framesFitted; $n++) {
            $out .=
                '<a class="slotlink" href="'.
                e(route('assess.hive', [$slug, $code, 'box' => $box->box->id, 'slot' => $n])).
                '#painter" aria-label="'.
                e(__('Frame :n', ['n' => $n])).
                '">'.
                BoxSection::rect($n === $slot ? 'hit picked' : 'hit', $left + ($n - 1) * $pitch, $y, $pitch, $height).
                '</a>';
        }

        return $out;
    }
}
