<?php

declare(strict_types=1);

namespace Marjoram\Core\Notes;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\CellsRead;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;

/**
 * Reads short notes: one line a hive and super, as people write on a lid. Entry point of the module.
 *
 *     line   = hive [super] [":"] item { item }        E3 2: 5=8/9 6=9 rain; w 17.2; take
 *     super  = number above the brood, from 1 | "top"
 *     item   = frame | whole | shake | water | decision | weight | "queen" | words
 *     frame  = slot "=" face ["/" face]                one face stands for both
 *     whole  = "all=" face ["/" face]                  what nobody pulled is like this
 *     face   = tenths ["+" tenths | "o" | "e"]         capped; then how much is open, all the rest open, or the rest
 *                                                      empty; without it the rest is not stated; f for all ten
 *     shake  = "rain" | "dry"
 *     water  = "w" value ["@" degrees]                 10 to 30 per cent; with "bx" 58 to 90; with "nd" 1.44 to 1.52
 *     decision = ("take" | "stay") ["(" why ")"]
 *     weight = "kg" value | "lb" value                 of the whole hive
 *     words  = '"' text '"'                            a note of the hive
 *
 * Items are parted by blanks, `;` or a comma and a blank; a comma is a decimal point too; `#` begins a remark. Every
 * word that cannot be read is an error of its own; what stands beside it is read.
 */
final readonly class Notes
{
    private const TENTHS = '(f|10|\d(?:[.,]\d)?)';

    private const REST = '(?:\+(f|10|\d(?:[.,]\d)?)|([oe]))?';

    private const LB = 0.45359237;

    public function read(string $text): NoteResult
    {
        $lines = $errors = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $i => $line) {
            $words = new NoteWords((string) preg_replace('/#.*$/u', '', $line));
            if (! $words->isAtEnd()) {
                $lines[] = $this->line($i + 1, $words, $errors);
            }
        }

        return new NoteResult(array_values(array_filter($lines)), $errors);
    }

    /** @param  list<NoteError>  $errors */
    private function line(int $number, NoteWords $words, array &$errors): ?NoteLine
    {
        $hiveColumn = $words->column();
        $hive = $words->take();
        if (preg_match('/^[\p{L}\d][\p{L}\d.-]{0,11}:?$/u', $hive) !== 1) {
            $sentence = 'A line begins with the code of a hive; ":word" is not a code.';
            $errors[] = self::error($number, $hiveColumn, $hive, $sentence);

            return null;
        }
        [$super, $superColumn] = str_ends_with($hive, ':') ? [null, $hiveColumn] : self::super($words);
        $items = [];
        while (! $words->isAtEnd()) {
            $column = $words->column();
            $first = $words->word();
            try {
                $item = $this->item($words, $column);
                if ($super === null && $item->kind->needsSuper()) {
                    $errors[] = self::error(
                        $number,
                        $column,
                        $first,
                        '":word" belongs to a super: write the super\'s number (or top) after the hive.',
                    );
                } elseif (self::contradicts($item, $items)) {
                    $errors[] = self::error(
                        $number,
                        $column,
                        $first,
                        'This line has both shake tests, rain and dry. Leave one of them out.',
                    );
                } else {
                    $items[] = $item;
                }
            } catch (InvalidInput $refusal) {
                $errors[] = self::error($number, $column, $first, self::sentence($refusal));
            }
        }

        return new NoteLine($number, mb_strtoupper(rtrim($hive, ':')), $hiveColumn, $super, $superColumn, $items);
    }

    /**
     * Both results of one shake test cannot be true; the first stays.
     *
     * @param  list<NoteItem>  $before
     */
    private static function contradicts(NoteItem $item, array $before): bool
    {
        foreach ($before as $one) {
            if ($item->kind === NoteKind::Shake && $one->kind === $item->kind && $one->passed !== $item->passed) {
                return true;
            }
        }

        return false;
    }

    /** @return array{?int, int} */
    private static function super(NoteWords $words): array
    {
        $column = $words->column();
        if (preg_match('/^(\d{1,2}|top):?$/i', $words->word(), $found) !== 1) {
            return [null, $column];
        }
        $words->take();

        return [strtolower($found[1]) === 'top' ? NoteLine::TOP : (int) $found[1], $column];
    }

    /** @throws InvalidInput */
    private function item(NoteWords $words, int $column): NoteItem
    {
        $word = $words->take();
        $lower = mb_strtolower($word);

        return match (true) {
            str_contains($word, '=') => self::frame($lower, $column),
            $lower === 'rain' || $lower === 'dry' => new NoteItem(NoteKind::Shake, $column, passed: $lower === 'dry'),
            $lower === 'take' || $lower === 'stay' => new NoteItem(
                NoteKind::Decision,
                $column,
                passed: $lower === 'take',
                text: str_starts_with($words->word(), '(') ? self::quoted($words->take()) : '',
            ),
            $lower === 'queen' => new NoteItem(NoteKind::QueenSeen, $column),
            $word[0] === '"' => self::words($word, $column),
            preg_match('/^w[\d.,]*/', $lower) === 1 => self::water($lower, $words, $column),
            preg_match('/^(kg|lb)([\d.,]*)$/', $lower, $found) === 1 => self::weight(
                $found[1],
                $found[2] !== '' ? $found[2] : $words->take(),
                $words,
                $column,
            ),
            default => throw InvalidInput::because(
                '":word" cannot be read here.',
                'such as 5=8/9, all=9, rain, dry, w 17.2, take, stay, kg 43, queen, "words"',
                '',
                ['word' => $word],
            ),
        };
    }

    /** @throws InvalidInput */
    private static function frame(string $word, int $column): NoteItem
    {
        $face = self::TENTHS.self::REST;
        if (preg_match("~^(all|\d{1,2})={$face}(?:/{$face})?$~", $word, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw InvalidInput::because(
                '":word" is not a frame.',
                'slot=tenths/tenths, tenths 0 to 10, such as 5=8/9, 5=8+1/9, 5=8o (rest open) or 5=8e (rest empty)',
                '',
                ['word' => $word],
            );
        }
        $a = self::face($found[2], $found[3] ?? $found[4], $word);
        $b = $found[5] === null ? $a : self::face($found[5], $found[6] ?? $found[7], $word);
        $slot = $found[1] === 'all' ? null : (int) $found[1];
        if ($slot !== null) {
            InvalidInput::unlessWithin($slot, 1, 30, 'The slot');
        }

        return new NoteItem($slot === null ? NoteKind::All : NoteKind::Frame, $column, $slot, $a, $b);
    }

    /** @throws InvalidInput */
    private static function face(string $capped, ?string $rest, string $word): Face
    {
        $share = static fn (string $tenths): float => $tenths === 'f' ? 1.0 : self::number($tenths) / 10.0;
        $face = new Face($share($capped));
        $open = match ($rest) {
            null => null,
            'e' => 0.0,
            'o' => $face->empty(),
            default => $share($rest),
        };
        if ($share($capped) + ($open ?? 0.0) > 1.0001) {
            throw InvalidInput::because('A face of ":word" is over ten tenths.', 'at most 10', '', ['word' => $word]);
        }

        return $face->withRest($open);
    }

    /** @throws InvalidInput */
    private static function water(string $word, NoteWords $words, int $column): NoteItem
    {
        $value = $word === 'w' ? mb_strtolower($words->take()) : substr($word, 1);
        // The degrees may stand apart: w 17.2 @24.
        $value .= str_starts_with($words->word(), '@') ? mb_strtolower($words->take()) : '';
        if (preg_match('/^(\d+(?:[.,]\d+)?)(%|bx|nd)?(o)?(?:@(\d+(?:[.,]\d+)?))?$/', $value, $found) !== 1) {
            throw InvalidInput::because(
                '":word" is not a reading.',
                'such as w 17.2, w 80.5bx, w 1.4915nd, w 17.2@24, w 17.2o (open cells)',
                '',
                ['word' => $value],
            );
        }
        $scale = match ($found[2] ?? '') {
            'bx' => RefractometerScale::Brix,
            'nd' => RefractometerScale::RefractiveIndex,
            default => RefractometerScale::Water,
        };
        $celsius = isset($found[4]) ? self::number($found[4]) : 20.0;
        $of = ($found[3] ?? '') === 'o' ? CellsRead::Open : null;

        return new NoteItem(
            NoteKind::Water,
            $column,
            reading: new Reading($scale, self::number($found[1]), $celsius, of: $of),
        );
    }

    /** @throws InvalidInput */
    private static function weight(string $unit, string $value, NoteWords $words, int $column): NoteItem
    {
        // The unit behind the figure counts: kg 150 lb are pounds.
        if (preg_match('/^(kg|lb)$/i', $words->word()) === 1) {
            $unit = mb_strtolower($words->take());
        }
        if (preg_match('/^\d+(?:[.,]\d+)?$/', $value) !== 1) {
            throw InvalidInput::because('":word" is not a weight.', 'such as kg 43.5', '', ['word' => $value]);
        }
        $kg = self::number($value) * ($unit === 'lb' ? self::LB : 1.0);
        InvalidInput::unlessWithin($kg, 5.0, 400.0, 'The weight in kg');

        return new NoteItem(NoteKind::Weight, $column, number: round($kg, 3));
    }

    /** @throws InvalidInput */
    private static function words(string $word, int $column): NoteItem
    {
        $text = self::quoted($word);
        if ($text === '' || mb_strlen($text) > 500) {
            throw InvalidInput::because('A note needs words.', '1 to 500 letters between quotation marks');
        }

        return new NoteItem(NoteKind::Words, $column, text: $text);
    }

    private static function quoted(string $word): string
    {
        return trim($word, "\"() \t");
    }

    private static function number(string $text): float
    {
        return (float) strtr($text, ',', '.');
    }

    /** With what is allowed, where the refusal does not say so itself. */
    private static function sentence(InvalidInput $refusal): string
    {
        $said = $refusal->getMessage();

        return str_contains($said, 'allowed') ? $said : "$said Allowed: $refusal->allowed.";
    }

    private static function error(int $line, int $column, string $word, string $sentence): NoteError
    {
        return new NoteError($line, $column, max(1, mb_strlen($word)), $word, $sentence);
    }
}
