<?php

declare(strict_types=1);

namespace Marjoram\Core\Notes;

/** What one item of a short note says. */
enum NoteKind: string
{
    /** slot, a, b: one frame was seen */
    case Frame = 'frame';

    /** slot, a, b: all frames nobody looked at by itself are like this */
    case All = 'all';

    /** passed: whether nothing rained */
    case Shake = 'shake';

    /** reading */
    case Water = 'water';

    /** passed: whether it comes off; text: why */
    case Decision = 'decision';

    /** number, in the writer's own unit: the whole hive's weight */
    case Weight = 'weight';

    case QueenSeen = 'queen';

    /** text */
    case Words = 'words';

    /** Says something of a super, not of the hive. */
    public function needsSuper(): bool
    {
        return match ($this) {
            self::Weight, self::QueenSeen, self::Words => false,
            default => true,
        };
    }
}
