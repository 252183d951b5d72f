<?php

declare(strict_types=1);

namespace App\Pages\Assess\Notes;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Apiary;
use App\Models\Assessment;
use App\Models\Box;
use App\Models\FrameLook;
use App\Models\HiveNote;
use App\Models\ScaleWeight;
use App\Pages\Assess\KeepDecision;
use App\Pages\Assess\KeepReading;
use App\Pages\Assess\LookOfDay;
use DateTimeImmutable;
use Marjoram\Core\Notes\NoteItem;
use Marjoram\Core\Notes\NoteKind;

/** Keeps what short notes say, as if each had been entered on its own page that day. */
final readonly class KeepNotes
{
    public function __construct(
        private LookOfDay $looks,
        private KeepDecision $decisions,
        private KeepReading $readings,
        private CurrentOperation $current,
    ) {
    }

    /**
     * @param  list<NotedLine>  $lines
     * @param  ?DateTimeImmutable  $day  null: now
     */
    public function all(array $lines, ?DateTimeImmutable $day): void
    {
        $moment = $day?->setTime(12, 0) ?? $this->current->now();
        $this->current->asOf($moment, function () use ($lines): void {
            foreach ($lines as $line) {
                $this->line($line);
            }
            // Decisions come last: they are based on everything else in the note.
            foreach ($lines as $line) {
                $this->decide($line);
            }
        });
    }

    private function line(NotedLine $line): void
    {
        foreach ($line->items as $item) {
            match ($item->kind) {
                NoteKind::Weight => $this->weigh($line, (float) $item->number),
                NoteKind::QueenSeen => $this->note($line, 'queen-seen', ''),
                NoteKind::Words => $this->note($line, 'note', $item->text),
                NoteKind::Decision => null,
                default => $line->box === null ? null : $this->seen($this->look($line->box->id), $line, $item),
            };
        }
    }

    private function look(string $box): Assessment
    {
        return $this->looks->of(Box::query()->whereKey($box)->firstOrFail());
    }

    private function seen(Assessment $look, NotedLine $line, NoteItem $item): void
    {
        if ($item->kind === NoteKind::Shake) {
            $look->update(['shake' => $item->passed === true ? 'passed' : 'failed']);
        } elseif ($item->reading !== null) {
            $this->readings->of($look, $item->reading, null, $this->current->now());
        } elseif ($item->slot !== null) {
            $this->frame($look, $item->slot, $item, false);
        } else {
            $this->alike($look, $line, $item);
        }
    }

    private function alike(Assessment $look, NotedLine $line, NoteItem $item): void
    {
        $named = array_column($line->items, 'slot');
        $pulled = FrameLook::query()->where('assessment_id', $look->id)->where('glanced', false)->pluck('slot')->all();
        $others = [...$named, ...$pulled, ...$line->box->look->gaps ?? []];
        for ($slot = 1; $slot <= ($line->box->fitted->framesFitted ?? 0); $slot++) {
            if (! in_array($slot, $others, true)) {
                $this->frame($look, $slot, $item, true);
            }
        }
    }

    private function frame(Assessment $look, int $slot, NoteItem $item, bool $glanced): void
    {
        $where = ['assessment_id' => $look->id, 'slot' => $slot];
        $values = ['glanced' => $glanced, 'a' => $item->a, 'b' => $item->b];
        $frame = FrameLook::query()->where($where)->lockForUpdate()->first();
        $frame === null ? FrameLook::query()->create($where + $values) : $frame->update($values);
    }

    private function weigh(NotedLine $line, float $kg): void
    {
        ScaleWeight::query()->create([
            'apiary_id' => $this->apiary($line)->id,
            'hive_id' => $line->hive->id,
            'at' => $this->current->utc(),
            'kg' => $kg,
        ]);
    }

    private function note(NotedLine $line, string $what, string $text): void
    {
        HiveNote::keep($line->hive->id, $line->box?->id, $what, $text, $this->current->utc());
    }

    private function decide(NotedLine $line): void
    {
        foreach ($line->items as $item) {
            if ($item->kind === NoteKind::Decision && $line->box !== null) {
                $why = $item->text === '' ? __('short note') : $item->text;
                $this->decisions->of(
                    $this->apiary($line),
                    $line->hive->code,
                    $line->box->id,
                    $item->passed === true ? 'take' : 'stay',
                    $why,
                );
            }
        }
    }

    private function apiary(NotedLine $line): Apiary
    {
        return Apiary::query()->where('slug', $line->yard)->firstOrFail();
    }
}
