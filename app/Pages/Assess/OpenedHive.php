<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardPicture;
use App\Drawing\BoxSection;
use App\Drawing\Canvas;
use App\Drawing\DrawnBox;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Words\Wording;

/** One hive opened: larger, with the verdict in words beside each box, and each frame of the chosen box a link. */
final readonly class OpenedHive
{
    private const PX_PER_MM = 0.235;

    private const LEFT = 4.0;

    public function __construct(
        private YardPicture $picture,
        private Formatter $format,
        private Wording $wording,
    ) {
    }

    public function of(HiveState $hive, string $slug, BoxState $chosen, int $slot): Picture
    {
        $canvas = new Canvas;
        $y = 8.0;
        foreach ($hive->fromTheTop() as $box) {
            $href = route('assess.hive', [$slug, $hive->code, 'box' => $box->id]).'#opened';
            $drawn = $this->picture->box($hive, $box, $href);
            $this->box($canvas, $box, $drawn, $y, $box->id === $chosen->id);
            if ($box->id === $chosen->id) {
                $this->frames($canvas, $hive, $slug, $box, $drawn, $y, $slot);
            }
            $y += $drawn->heightMm * self::PX_PER_MM;
            if ($box->isSuper() && $box->number === 1 && $hive->excluder) {
                $right = $drawn->widthMm * self::PX_PER_MM + 8.0;
                $canvas->line('exc', 0.0, $y + 2.0, $right, $y + 2.0)
                    ->line('exc', 0.0, $y + 4.5, $right, $y + 4.5);
                $y += 7.0;
            }
        }
        $label = __('Hive :code opened', ['code' => $hive->code]);

        return new Picture(216.0, ceil($y + 6.0), $canvas->shapes(), $label, 'opened-hive', true);
    }

    private function box(Canvas $canvas, BoxState $box, DrawnBox $drawn, float $y, bool $chosen): void
    {
        $width = $drawn->widthMm * self::PX_PER_MM;
        $height = $drawn->heightMm * self::PX_PER_MM;
        $inside = static function (Canvas $canvas) use ($drawn, $y, $width, $height, $chosen): void {
            (new BoxSection(self::PX_PER_MM))->draw($canvas->title($drawn->words), $drawn, self::LEFT, $y);
            if ($chosen) {
                $canvas->rect('picked', 2.0, $y - 1.0, $width + 4.0, $height + 2.0);
            }
            $canvas->path('joint', Canvas::at('M', self::LEFT, $y).'h'.round($width, 1));
        };
        $current = $chosen ? ['aria-current' => 'true'] : [];
        $canvas->link((string) $drawn->href, $drawn->words, $inside, $current)->within(
            'g',
            ['aria-hidden' => 'true'],
            fn (Canvas $canvas) => $this->words($canvas, $box, $width, $y + 0.5 * $height),
        );
    }

    private function words(Canvas $canvas, BoxState $box, float $width, float $y): void
    {
        if (! $box->isSuper()) {
            $canvas->text('t13 soft', $width + 12.0, $y + 4.0, __('brood'));

            return;
        }
        $canvas->glyph('v-'.$this->wording->mark($box->verdict()), 'gl', $width + 12.0, $y - 16.0, 15.0)
            ->text('t14 b', $width + 32.0, $y - 4.0, $this->wording->verdict($box->verdict()))
            ->text('t13 soft', $width + 12.0, $y + 14.0, '~'.$this->format->kg($box->honey->kg));
    }

    private function frames(
        Canvas $canvas,
        HiveState $hive,
        string $slug,
        BoxState $box,
        DrawnBox $drawn,
        float $y,
        int $slot,
    ): void {
        $left = self::LEFT + 0.5 * ($drawn->widthMm - $drawn->insideMm) * self::PX_PER_MM;
        $pitch = $drawn->insideMm * self::PX_PER_MM / $box->fitted->framesFitted;
        $height = $drawn->heightMm * self::PX_PER_MM;
        for ($n = 1; $n <= $box->fitted->framesFitted; $n++) {
            $href = route('assess.hive', [$slug, $hive->code, 'box' => $box->id, 'slot' => $n]).'#painter';
            $hit = static fn (Canvas $canvas) => $canvas->rect(
                $n === $slot ? 'hit picked' : 'hit',
                $left + ($n - 1) * $pitch,
                $y,
                $pitch,
                $height,
            );
            $canvas->link($href, __('Frame :n', ['n' => $n]), $hit, ['class' => 'slotlink']);
        }
    }
}
