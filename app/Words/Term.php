<?php

declare(strict_types=1);

namespace App\Words;

/** A word of the trade or of the figures that a newcomer may not know; docs/glossary.md has them all. */
enum Term: string
{
    case RipeByYourRule = 'ripe by your rule';

    case InDoubt = 'in doubt';

    case Range = 'range';

    case PersonMinutes = 'person-minutes';

    case LiftingIndex = 'lifting index';

    case CrewMinutes = 'crew minutes';

    case OutOfBalance = 'out of balance';

    case Pull = 'pull at the shaft';

    case Pfund = 'mm Pfund';

    case Allotted = 'allotted';

    case AverageSystem = 'average system';

    case DueToTheQueen = 'due to the queen';

    case MixedModel = 'mixed model';

    case DataPackage = 'data package';

    case Offset = 'offset';

    case Bias = 'bias';

    case Spread = 'spread';

    case RobbingTest = 'robbing test';

    case ShakeTest = 'shake test';

    case Token = 'token';

    /** One sentence, or two short ones. */
    public function meaning(): string
    {
        return match ($this) {
            self::RipeByYourRule => __('How likely this super meets the rule for ripe honey in your policy.'),
            self::InDoubt => __('Kilograms of honey that could be ripe or not. An inspection decides.'),
            self::Range => __('Holds the true value in 8 of 10 cases.'),
            self::PersonMinutes => __('The minutes of each person added up: two people for one hour are 120.'),
            self::LiftingIndex => __('The weight against what one person may lift so. Above 1 the load is too heavy for one.'),
            self::CrewMinutes => __('Minutes of the whole crew together: two people for one hour are 60.'),
            self::OutOfBalance => __('How much heavier one side of the extractor is than the other.'),
            self::Pull => __('The force with which the heavier side pulls at the extractor. 150 N is the weight of a full shallow super.'),
            self::Pfund => __('The usual scale of honey colour: 0 is water white, 114 is dark.'),
            self::Allotted => __('Shared out to the supers, so that their sum is the weight of the buckets.'),
            self::AverageSystem => __('The law on packed goods: the mean must reach the label, and few jars may be short.'),
            self::DueToTheQueen => __('The part of the difference between hives that a queen repeats in another season.'),
            self::MixedModel => __('Statistics that separate the effects of queen, yard and year.'),
            self::DataPackage => __('A ZIP of CSV tables with a description, in an open format.'),
            self::Offset => __('What this instrument reads too low. Marjoram adds the offset to each reading.'),
            self::Bias => __('How much your estimates are too high or too low on average.'),
            self::Spread => __('How far a single estimate usually lies from your average.'),
            self::RobbingTest => __('A frame of open honey near the hives: bees rob it when no nectar comes in.'),
            self::ShakeTest => __('Shake a frame over the open hive: unripe nectar rains out.'),
            self::Token => __('A password for one program. You can remove a token at any time.'),
        };
    }

    /** For an element's id. */
    public function key(): string
    {
        return strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $this->name));
    }
}
