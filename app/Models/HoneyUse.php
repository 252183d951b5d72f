<?php

declare(strict_types=1);

namespace App\Models;

/** What becomes of the honey of a super or frame. */
enum HoneyUse: string
{
    case Extract = 'extract';
    case Comb = 'comb';
    case Drain = 'drain';
    case Press = 'press';
    case Given = 'given';
    case Kept = 'kept';

    /** @return array<string, string> in words */
    public static function all(): array
    {
        return [
            self::Extract->value => __('extracted'),
            self::Comb->value => __('comb honey, cut'),
            self::Drain->value => __('drained'),
            self::Press->value => __('pressed or scraped out'),
            self::Given->value => __('given to another hive'),
            self::Kept->value => __('left for spring'),
        ];
    }

    public function words(): string
    {
        return self::all()[$this->value];
    }

    /** It goes into buckets with the others. */
    public function isExtracted(): bool
    {
        return $this === self::Extract;
    }
}
