<?php

declare(strict_types=1);

namespace App\Pages\Assess\Notes;

use App\Apiary\Hives\BoxState;
use App\Apiary\Hives\HiveState;
use App\Apiary\Hives\YardPicture;
use App\Apiary\Hives\YardReader;
use App\Drawing\BoxSection;
use App\Drawing\Canvas;
use App\Drawing\DrawnBox;
use App\Drawing\DrawnSlot;
use App\Drawing\Picture;
use App\Models\Apiary;
use Marjoram\Core\Notes\NoteError;
use Marjoram\Core\Notes\NoteItem;
use Marjoram\Core\Notes\NoteKind;
use Marjoram\Core\Notes\NoteLine;
use Marjoram\Core\Notes\Notes;

/** Finds the hives and supers that short notes are of, and draws each line as it would be kept. */
final readonly class ReadNotes
{
    private const PX_PER_MM = 0.3;

    public function __construct(private YardReader $yards, private YardPicture $picture, private NoteWording $wording)
    {
    }

    public function of(string $text): NotePreview
    {
        $read = (new Notes)->read($text);
        $errors = $read->errors;
        $lines = [];
        foreach ($read->lines as $line) {
            $lines[] = $this->line($line, $errors);
        }
        $place = static fn (NoteError $error): array => [$error->line, $error->column];
        usort($errors, static fn (NoteError $a, NoteError $b): int => $place($a) <=> $place($b));

        return new NotePreview(array_values(array_filter($lines)), $errors, preg_split('/\R/u', $text) ?: []);
    }

    /** @param  list<NoteError>  $errors */
    private function line(NoteLine $line, array &$errors): ?NotedLine
    {
        $length = mb_strlen($line->hive);
        [$apiary, $hive] = $this->hive($line->hive);
        if ($apiary === null || $hive === null) {
            $sentence = __('No hive has the code ":word".');
            $errors[] = new NoteError($line->line, $line->hiveColumn, $length, $line->hive, $sentence);

            return null;
        }
        $box = $line->super === null ? null : self::super($hive, $line->super);
        if ($line->super !== null && $box === null) {
            $errors[] = new NoteError($line->line, $line->superColumn, 1, (string) $line->super, trans_choice(
                '{0} Hive :hive has no super.|{1} Hive :hive has one super.|[2,*] Hive :hive has supers 1 to :count.',
                count($hive->supers()),
                ['hive' => $hive->code],
            ));

            return null;
        }
        $items = array_values(array_filter(
            $line->items,
            function (NoteItem $item) use ($box, $line, &$errors): bool {
                $most = $box->fitted->framesFitted ?? 0;
                if ($item->slot === null || $item->slot <= $most) {
                    return true;
                }
                $sentence = __('This super has frames 1 to :most, but no frame :word.', ['most' => $most]);
                $word = (string) $item->slot;
                $errors[] = new NoteError($line->line, $item->column, mb_strlen($word), $word, $sentence);

                return false;
            },
        ));

        return new NotedLine(
            $line->line,
            $apiary->slug,
            $hive,
            $box,
            $items,
            array_map($this->wording->item(...), $items),
            $box === null ? null : $this->drawn($hive, $box, $items),
        );
    }

    /** @return array{?Apiary, ?HiveState} */
    private function hive(string $code): array
    {
        foreach ($this->yards->apiaries() as $apiary) {
            if (isset($this->yards->hiveIds($apiary)[$code])) {
                return [$apiary, $this->yards->hive($apiary, $code)];
            }
        }

        return [null, null];
    }

    private static function super(HiveState $hive, int $number): ?BoxState
    {
        $supers = $hive->supers();

        return $number === NoteLine::TOP ? ($supers[count($supers) - 1] ?? null) : ($supers[$number - 1] ?? null);
    }

    /** @param  list<NoteItem>  $items */
    private function drawn(HiveState $hive, BoxState $box, array $items): Picture
    {
        $drawn = $this->picture->box($hive, $box, null);
        $slots = $drawn->slots;
        foreach ($items as $item) {
            $all = $item->kind === NoteKind::All ? array_keys($slots) : [];
            foreach ($item->slot === null ? $all : [$item->slot - 1] as $i) {
                $slots[$i] = new DrawnSlot($item->slot !== null, $item->a, $item->b);
            }
        }
        $canvas = new Canvas;
        $with = new DrawnBox(
            $drawn->id,
            $drawn->heightMm,
            $drawn->widthMm,
            $drawn->insideMm,
            array_values($slots),
            $drawn->brood,
        );
        (new BoxSection(self::PX_PER_MM))->draw($canvas, $with, 0.0, 0.0);

        return new Picture(
            ceil($drawn->widthMm * self::PX_PER_MM),
            ceil($drawn->heightMm * self::PX_PER_MM),
            $canvas->shapes(),
            __('How :box would look', ['box' => $box->name()]),
            'noted-box',
        );
    }
}
