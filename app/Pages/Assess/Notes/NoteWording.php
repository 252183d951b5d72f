<?php

declare(strict_types=1);

namespace App\Pages\Assess\Notes;

use App\Foundation\Units\Formatter;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Notes\NoteItem;
use Marjoram\Core\Notes\NoteKind;

/** What an item of a short note says, in words. */
final readonly class NoteWording
{
    public function __construct(private Formatter $format)
    {
    }

    public function item(NoteItem $item): string
    {
        return match ($item->kind) {
            NoteKind::Frame => __('frame :n: A :a, B :b', [
                'n' => (int) $item->slot,
                'a' => self::face($item->a),
                'b' => self::face($item->b),
            ]),
            NoteKind::All => __('all others like A :a, B :b (not pulled)', [
                'a' => self::face($item->a),
                'b' => self::face($item->b),
            ]),
            NoteKind::Shake => $item->passed === true ? __('no nectar') : __('it rains nectar'),
            NoteKind::Water => $this->water($item),
            NoteKind::Decision => $item->passed === true ? __('it comes off') : __('it stays'),
            NoteKind::Weight => __('the hive weighs :kg', ['kg' => $this->format->kg($item->number)]),
            NoteKind::QueenSeen => __('queen seen'),
            NoteKind::Words => __('“:text”', ['text' => $item->text]),
        };
    }

    private function water(NoteItem $item): string
    {
        $unit = match ($item->reading?->scale) {
            RefractometerScale::Brix => '°Brix',
            RefractometerScale::RefractiveIndex => 'nD',
            default => '%',
        };

        return __('water read: :value :unit at :celsius', [
            'value' => (string) $item->reading?->value,
            'unit' => $unit,
            'celsius' => $this->format->celsius($item->reading->temperatureC ?? 20.0),
        ]);
    }

    private static function face(Face $face): string
    {
        $capped = round(100.0 * $face->capped).' %';

        return match (true) {
            ! $face->saysOpen() => __(':capped, rest not stated', ['capped' => $capped]),
            $face->open > 0.0 => __(':capped and :open % open', [
                'capped' => $capped,
                'open' => round(100.0 * $face->open),
            ]),
            default => $capped,
        };
    }
}
