<?php

declare(strict_types=1);

namespace App\Pages\Field\Taps;

/** What can be done on a phone without a network; each is a write that a page makes as well. */
enum TapKind: string
{
    /** on a box: slot, a, b; from a page also seen_on, and show: the verdict as the page draws it is answered */
    case Frame = 'frame';

    /** on a box: slot, whose faces the frames not looked at are like */
    case Alike = 'alike';

    /** on a box: shake (passed, failed or null), was */
    case Shake = 'shake';

    /** on a box: scale, value, temperature_c */
    case Reading = 'reading';

    /** on a box: choice, note, was */
    case Decide = 'decide';

    /** on a hive: what, text, box */
    case Note = 'note';

    /** on a hive: a photograph as JPEG in base64, text */
    case Photo = 'photo';

    /** on a hive that stands on a scale: kg, yard */
    case Weigh = 'weigh';

    /** on a hive that is lifted or set on a scale for its stores: how, first_kg, second_kg, frames_of_bees */
    case Heft = 'heft';

    /** on a yard: seen */
    case Sign = 'sign';

    /** on a hive: kind, role, put_on */
    case BoxOn = 'box-on';

    /** on a box */
    case BoxOff = 'box-off';

    /** on a box, a frame of it for its honey: yard, slot, colour, number */
    case FrameOff = 'frame-off';

    /** on a lot, a wet frame of it home: frame */
    case FrameBack = 'frame-back';

    /** on a hive, an escape board put on without a plan: under (the lowest super above it) */
    case BoardOn = 'board-on';

    /** on a hive: excluder */
    case Excluder = 'excluder';

    /** on a super of a clearing: what, done */
    case Tick = 'tick';

    /** on a clearing, what went wrong at its stop: what, done */
    case Trouble = 'trouble';

    /** on an operation: day, thing, done */
    case Load = 'load';
}
