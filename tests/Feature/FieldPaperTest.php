<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Hive;
use App\Models\HiveNote;
use Illuminate\Support\Facades\Process;

/** What goes into the yard on paper, and what sticks on hives. */
final class FieldPaperTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        $this->as('keeper');
    }

    public function test_the_codes_of_a_sheet_of_labels_can_be_read_and_lead_to_their_hives(): void
    {
        $pdf = $this->get('/labels/sheet.pdf?kind=h&yard=ekbacken&paper=a4-24')->assertOk();
        self::assertSame('application/pdf', $pdf->headers->get('Content-Type'));
        self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
        $id = Hive::query()->where('code', 'E3')->value('id');
        $svg = (string) $this->get("/labels/h/$id.svg")->assertOk()->getContent();
        $operation = $this->demo()->id;
        self::assertSame(url('/field')."#/q/$operation/h/$id", $this->decoded($svg));
        $this->get('/labels/x/'.$id.'.svg')->assertNotFound();
        $this->get('/labels/h/01arz3ndektsv4rrffq69g5fav.svg')->assertNotFound();
        $this->get('/labels/sheet.pdf?kind=x')->assertStatus(422);
        foreach (['b', 'k'] as $kind) {
            $this->get("/labels/sheet.pdf?kind=$kind&paper=letter-30")->assertOk();
        }
        $this->get('/labels')->assertOk()->assertSee('Create the sheet');
    }

    public function test_a_yard_on_paper_and_in_words(): void
    {
        foreach (['a4', 'letter'] as $size) {
            $pdf = $this->get("/field/paper/ekbacken.pdf?paper=$size")->assertOk();
            self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
        }
        $this->get('/field/read/ekbacken')
            ->assertOk()
            ->assertSee('Inspect hive')
            ->assertSee('Super 4: check, frame');
    }

    public function test_what_was_noted_stands_on_the_hives_page(): void
    {
        $hive = Hive::query()->where('code', 'E1')->firstOrFail();
        $this->send('POST', "/field/hives/$hive->id/notes", ['what' => 'note', 'text' => 'a wasp nest'])->assertStatus(303);
        $this->get('/yards/ekbacken/E1')->assertOk()->assertSee('a wasp nest');
        $note = HiveNote::query()->where('hive_id', $hive->id)->firstOrFail();
        $this->send('DELETE', "/field/notes/$note->id")->assertStatus(303);
        $this->get('/yards/ekbacken/E1')->assertDontSee('a wasp nest');
    }

    /** By the decoder that the phone uses, on the code drawn as a phone would see it. */
    private function decoded(string $svg): string
    {
        $script = <<<'JS'
            const jsQR = require('jsqr');
            const svg = require('fs').readFileSync(0, 'utf8');
            const size = Number(svg.match(/viewBox="0 0 (\d+)/)[1]);
            const scale = 4;
            const side = size * scale;
            const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
            const dark = (x, y) => {
              for (let i = 0; i < scale; i += 1)
                for (let j = 0; j < scale; j += 1) {
                  const at = ((y * scale + j) * side + x * scale + i) * 4;
                  pixels[at] = pixels[at + 1] = pixels[at + 2] = 0;
                }
            };
            let x = 0;
            let y = 0;
            for (const [, kind, numbers] of svg.match(/stroke="#000000" d="([^"]+)"/)[1].matchAll(/([Mmh])([-\d. ]*)/g)) {
              const [a, b] = numbers.trim().split(/ /).map(Number);
              if (kind === 'M') [x, y] = [a, Math.floor(b)];
              else if (kind === 'm') [x, y] = [x + a, y + b];
              else for (let i = 0; i < a; i += 1, x += 1) dark(x, Math.floor(y));
            }
            process.stdout.write(jsQR(pixels, side, side)?.data ?? '');
            JS;
        $run = Process::path(base_path())->input($svg)->run(['node', '-e', $script]);
        self::assertTrue($run->successful(), $run->errorOutput());

        return $run->output();
    }
}
