<?php

declare(strict_types=1);

namespace App\Day;

use App\Drawing\Picture;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;

/** Sets a page of paper in the application's own type, drawings included. */
final readonly class Paper
{
    /** Where the build puts what it makes of the fonts for paper. */
    private const FONTS = 'build/fonts';

    private const TYPES = [
        ['paper', 'normal', 'paper-400'],
        ['paper', 'bold', 'paper-600'],
        ['paper head', 'normal', 'head-500'],
    ];

    /** What those fonts hold: Latin with its extensions, common signs. */
    private const HELD = '/[^\x{0}-\x{24F}\x{1E00}-\x{1EFF}\x{2010}-\x{2044}\x{20AC}\x{2122}\x{2212}]/u';

    public function __construct(private PaperPicture $draw)
    {
    }

    /** @param  string  $size  a4 or letter */
    public function of(DaySheet $sheet, string $size): string
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
        $html = self::printed(view('day.paper', ['sheet' => $sheet, 'pictures' => $this->pictures($sheet)]));
        // A name in other letters is rather read in a common type than as boxes.
        if (preg_match(self::HELD, $html) === 0) {
            $this->ownType($pdf);
        }
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }

    /** The narrow space that does not break is in no type for paper. */
    private static function printed(View $view): string
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

    /** @return array<string, list<string>> addresses of pictures of each stop's hives, a few in a row, by yard */
    private function pictures(DaySheet $sheet): array
    {
        $pictures = [];
        foreach ($sheet->stops as $stop) {
            $pictures[$stop->apiary()->id] = array_map(static function (Picture $row): string {
                $svg = self::printed(view('day.paper-picture', ['picture' => $row]));

                return 'data:image/svg+xml;base64,'.base64_encode($svg);
            }, $this->draw->rows($stop));
        }

        return $pictures;
    }
}
