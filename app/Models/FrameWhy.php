<?php

declare(strict_types=1);

namespace App\Models;

/** Why a frame went somewhere. */
enum FrameWhy: string
{
    /** For its honey, into a harvest. */
    case Taken = 'taken';

    /** Unfinished, towards the middle or into a lower super. */
    case Gathered = 'gathered';

    /** Set at even distances with the others. */
    case Spaced = 'spaced';

    /** To another hive: honey for a hungry one, brood to a split. */
    case Moved = 'moved';

    case Stored = 'stored';

    /** Damaged or old: melted down. */
    case Culled = 'culled';

    /** An empty frame out of store into a gap. */
    case Filled = 'filled';

    /** It stays where it is: something of its comb was noted. */
    case Noted = 'noted';

    /** Two frames changed places. */
    case Swapped = 'swapped';

    /** Wet, after it was spun. */
    case Returned = 'returned';
}
