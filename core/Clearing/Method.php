<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** How the bees leave the supers. */
enum Method: string
{
    /** Frame by frame into a covered box. */
    case Brush = 'brush';

    /** A one-way board under the supers, for a night or more. */
    case EscapeBoard = 'escape-board';

    /** A pad with repellent on top; needs warmth. */
    case FumeBoard = 'fume-board';

    /** Air through the frame gaps. */
    case Blower = 'blower';

    /** Only the finished frames come off: each is shaken, brushed and carried off in a covered box. */
    case ByFrame = 'by-frame';

    /** Before the bees fly, while they sit below in a cluster: supers come off nearly without bees. */
    case Cold = 'cold';

    /** @return list<self> that take whole supers in the season; the others are asked for by name */
    public static function usual(): array
    {
        return [self::Brush, self::EscapeBoard, self::FumeBoard, self::Blower];
    }

    /** Boards go on at one visit, supers come in at another. */
    public function takesTwoVisits(): bool
    {
        return $this === self::EscapeBoard;
    }

    /** Bees leave brood neither for a way out below nor for a smell above. */
    public function isDefeatedByBrood(): bool
    {
        return $this === self::EscapeBoard || $this === self::FumeBoard;
    }

    /** How near robbers come while it is at work in a dearth (common practice). */
    public function robbingRisk(): RobbingRisk
    {
        return match ($this) {
            self::Brush, self::ByFrame => RobbingRisk::High,
            self::Blower => RobbingRisk::Medium,
            self::EscapeBoard, self::FumeBoard, self::Cold => RobbingRisk::Low,
        };
    }
}
