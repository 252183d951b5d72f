<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Notes\NoteError;
use Marjoram\Core\Notes\NoteItem;
use Marjoram\Core\Notes\NoteKind;
use Marjoram\Core\Notes\NoteLine;
use Marjoram\Core\Notes\Notes;
use Marjoram\Core\Numerics\SeededRandom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NotesTest extends TestCase
{
    public function test_a_line_as_it_is_written_on_a_lid(): void
    {
        $result = (new Notes)->read('E3 2: 5=8/9 6=9 rain; w 17.2; take');
        self::assertSame([], $result->errors);
        [$line] = $result->lines;
        self::assertSame(['E3', 2], [$line->hive, $line->super]);
        $kinds = array_map(static fn (NoteItem $one): NoteKind => $one->kind, $line->items);
        self::assertSame(
            [NoteKind::Frame, NoteKind::Frame, NoteKind::Shake, NoteKind::Water, NoteKind::Decision],
            $kinds,
        );
        self::assertSame([5, 0.8, 0.9], [$line->items[0]->slot, $line->items[0]->a->capped, $line->items[0]->b->capped]);
        self::assertSame([6, 0.9, 0.9], [$line->items[1]->slot, $line->items[1]->a->capped, $line->items[1]->b->capped]);
        self::assertFalse($line->items[2]->passed);
        self::assertSame(17.2, $line->items[3]->reading?->value);
        self::assertTrue($line->items[4]->passed);
        self::assertSame([1, 1, 4, 7], [$line->line, $line->hiveColumn, $line->superColumn, $line->items[0]->column]);
    }

    public function test_every_form_of_every_item(): void
    {
        $result = (new Notes)->read(<<<'TEXT'
            # in the evening
            e1 top  3=8+1/f  all=7  dry, w17,5@24 stay (a late flow)
            N4: kg 43,5 queen "wasps; at the stand" # far end
            Å-2 1 w 80.5bx w1.4915nd

            E9 lb100
            TEXT);
        self::assertSame([], $result->errors);
        [$first, $second, $third, $fourth] = $result->lines;
        self::assertSame(['E1', NoteLine::TOP, 2], [$first->hive, $first->super, $first->line]);
        self::assertSame([0.8, 0.1, 1.0], [$first->items[0]->a->capped, $first->items[0]->a->open, $first->items[0]->b->capped]);
        self::assertSame(NoteKind::All, $first->items[1]->kind);
        self::assertSame([17.5, 24.0], [$first->items[3]->reading?->value, $first->items[3]->reading?->temperatureC]);
        self::assertSame('a late flow', $first->items[4]->text);
        self::assertSame(['N4', null], [$second->hive, $second->super]);
        self::assertSame([43.5, 'wasps; at the stand'], [$second->items[0]->number, $second->items[2]->text]);
        self::assertSame(
            [RefractometerScale::Brix, RefractometerScale::RefractiveIndex],
            array_map(static fn (NoteItem $one): ?RefractometerScale => $one->reading?->scale, $third->items),
        );
        self::assertEqualsWithDelta(45.359, $fourth->items[0]->number, 1e-9);
    }

    /** @return iterable<string, array{string, int, string, string}> text, column, word, part of the sentence */
    public static function unread(): iterable
    {
        yield 'a word' => ['E3 2: 5=8 yes take', 11, 'yes', 'cannot be read'];
        yield 'no hive' => ['=5 2 take', 1, '=5', 'code of a hive'];
        yield 'no super' => ['E3: 5=8', 5, '5=8', 'number (or top)'];
        yield 'tenths over ten' => ['E3 2 5=11', 6, '5=11', 'not a frame'];
        yield 'a face over ten' => ['E3 2 5=8+3', 6, '5=8+3', 'over ten'];
        yield 'a slot of none' => ['E3 2 0=8', 6, '0=8', '1 to 30'];
        yield 'water of a fool' => ['E3 2 w 140', 6, 'w', '10 to 30'];
        yield 'no water' => ['E3 2 w', 6, 'w', 'not a reading'];
        yield 'a weight of words' => ['E3 kg much', 4, 'kg', 'not a weight'];
        yield 'a weight of a mouse' => ['E3 kg 0.1', 4, 'kg', '5 to 400'];
        yield 'no words' => ['E3 ""', 4, '""', 'needs words'];
        yield 'after letters of two bytes' => ['Å1 2 ö', 6, 'ö', 'cannot be read'];
    }

    #[DataProvider('unread')]
    public function test_a_word_that_cannot_be_read_is_shown_where_it_stands(
        string $text,
        int $column,
        string $word,
        string $sentence,
    ): void {
        $errors = (new Notes)->read($text)->errors;
        self::assertCount(1, $errors, json_encode($errors) ?: '');
        self::assertSame([1, $column, $word], [$errors[0]->line, $errors[0]->column, $errors[0]->word]);
        self::assertStringContainsString($sentence, $errors[0]->sentence);
    }

    /** A keeper who writes 4 says four tenths capped, and nothing of the rest. */
    public function test_the_rest_of_a_face_is_stated_or_not(): void
    {
        $items = (new Notes)->read('E3 2: 1=4 2=4e 3=4o 4=4+2/5o 5=f all=8')->lines[0]->items;
        $said = static fn (Face $face): array => [$face->capped, $face->saysOpen() ? $face->open : null];

        self::assertSame([0.4, null], $said($items[0]->a));
        self::assertSame([0.4, 0.0], $said($items[1]->a));
        self::assertEqualsWithDelta([0.4, 0.6], $said($items[2]->a), 1e-12);
        self::assertSame([0.4, 0.2], $said($items[3]->a));
        self::assertEqualsWithDelta([0.5, 0.5], $said($items[3]->b), 1e-12);
        self::assertSame([1.0, 0.0], $said($items[4]->a));
        self::assertSame([0.8, null], $said($items[5]->a));
    }

    public function test_a_line_that_contradicts_itself_keeps_the_rest(): void
    {
        $read = (new Notes)->read('E3 2: 5=8 rain dry all=12 w 17.2 @24');

        self::assertCount(2, $read->errors);
        self::assertStringContainsString('both shake tests', $read->errors[0]->sentence);
        self::assertSame(['dry', 'all=12'], array_column($read->errors, 'word'));
        $kinds = array_column($read->lines[0]->items, 'kind');
        self::assertSame([NoteKind::Frame, NoteKind::Shake, NoteKind::Water], $kinds);
        self::assertSame(24.0, $read->lines[0]->items[2]->reading?->temperatureC);
        self::assertEqualsWithDelta(68.039, (new Notes)->read('E3 kg 150 lb')->lines[0]->items[0]->number, 1e-3);
    }

    public function test_what_stands_beside_an_unreadable_word_is_read(): void
    {
        $result = (new Notes)->read("E3 2 5=8 nonsense 6=9\n?? 2\nE4 1 take");
        self::assertSame([1, 2], array_map(static fn (NoteError $one): int => $one->line, $result->errors));
        self::assertSame([2, 1], array_map(static fn (NoteLine $one): int => count($one->items), $result->lines));
    }

    public function test_whatever_is_pasted_is_answered(): void
    {
        $random = new SeededRandom(16);
        $letters = ['E', '3', ' ', '=', '/', '"', '(', ')', ':', ';', ',', '+', 'w', 'å', '#', "\n", '8', '.', '@', 'top', "\t"];
        for ($i = 0; $i < 3000; $i++) {
            $text = '';
            for ($n = $random->integer(0, 24); $n > 0; $n--) {
                $text .= $letters[$random->integer(0, count($letters) - 1)];
            }
            $result = (new Notes)->read($text);
            $lines = explode("\n", $text);
            foreach ($result->errors as $error) {
                $line = $lines[$error->line - 1];
                self::assertSame($error->word, mb_substr($line, $error->column - 1, $error->length), $text);
            }
        }
    }
}
