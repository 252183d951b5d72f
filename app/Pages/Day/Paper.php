<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Apiary\Days\DaySheet;
use App\Drawing\Picture;
use App\Foundation\Sheets\Pdf;

/** The sheet of a day on paper, drawings included. */
final readonly class Paper
{
    public function __construct(private PaperPicture $draw, private Pdf $pdf)
    {
    }

    /** @param  string  $size  a4 or letter */
    public function of(DaySheet $sheet, string $size): string
    {
        return $this->pdf->of(view('day.paper', ['sheet' => $sheet, 'pictures' => $this->pictures($sheet)]), $size);
    }

    /** @return array<string, list<string>> addresses of pictures of each stop's hives, a few in a row, by yard */
    private function pictures(DaySheet $sheet): array
    {
        $pictures = [];
        foreach ($sheet->stops as $stop) {
            $pictures[$stop->apiary()->id] = array_map(static function (Picture $row): string {
                $svg = Pdf::printed(view('day.paper-picture', ['picture' => $row]));

                return 'data:image/svg+xml;base64,'.base64_encode($svg);
            }, $this->draw->rows($stop));
        }

        return $pictures;
    }
}
