<?php

declare(strict_types=1);

namespace App\Foundation\Sheets;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** Sets pages of paper in the application's own type. */
final class Pdf
{
    /** Folder of the fonts for paper, made by the build. */
    private const FONTS = 'build/fonts';

    private const TYPES = [
        ['paper', 'normal', 'paper-400'],
        ['paper', 'bold', 'paper-600'],
        ['paper head', 'normal', 'head-500'],
    ];

    /** Characters that those fonts have: Latin with its extensions, common signs. */
    private const HELD = '/[^\x{0}-\x{24F}\x{1E00}-\x{1EFF}\x{2010}-\x{2044}\x{20AC}\x{2122}\x{2212}]/u';

    /** @param  string  $size  a4 or letter */
    public function of(View $view, string $size): string
    {
        $folder = storage_path('framework/cache');
        $pdf = new Dompdf(new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'defaultFont' => 'DejaVu Sans',
            'fontDir' => $folder,
            'fontCache' => $folder,
            'tempDir' => $folder,
            'chroot' => [public_path(self::FONTS)],
        ]));
        $pdf->setPaper($size);
        $html = self::printed($view);
        // A name in other letters is set in a common font, or it would show as boxes.
        if (preg_match(self::HELD, $html) === 0) {
            $this->ownType($pdf);
        }
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }

    public function answer(View $view, string $size, string $name): Response
    {
        return new Response($this->of($view, $size), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="'.$name.'"',
            'Cache-Control' => 'private, no-store',
        ]);
    }

    /** The narrow space that does not break is in no type for paper. */
    public static function printed(View $view): string
    {
        return str_replace("\u{202F}", "\u{A0}", $view->render());
    }

    private function ownType(Dompdf $pdf): void
    {
        foreach (self::TYPES as [$family, $weight, $file]) {
            $pdf->getFontMetrics()->registerFont(
                ['family' => $family, 'weight' => $weight, 'style' => 'normal'],
                public_path(self::FONTS."/$file.ttf"),
            );
        }
    }
}
