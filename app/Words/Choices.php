<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use DateTimeZone;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Flow\Sign;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Verdict;

/** What may be chosen in a form, by its key, each with its words. */
final class Choices
{
    /** @return array<string, string> */
    public static function ripenessSchools(): array
    {
        $order = [
            RipenessSchool::CappedAndRefractometer,
            RipenessSchool::CappedOnly,
            RipenessSchool::Capped90,
            RipenessSchool::Refractometer,
        ];

        return self::keyed($order, Names::of(...));
    }

    /** @return array<string, string> systems of units */
    public static function systems(): array
    {
        return [
            'metric' => __('metric: kg, °C, litres'),
            'us' => __('US customary: lb, °F, gallons'),
            'uk' => __('UK mixed: lb, °C, gallons'),
        ];
    }

    /** @return array<string, string> */
    public static function yesOrNo(): array
    {
        return ['yes' => __('yes'), 'no' => __('no')];
    }

    /** @return array<string, string> time zones by their identifiers */
    public static function timeZones(): array
    {
        $zones = DateTimeZone::listIdentifiers();

        return array_combine($zones, array_map(static fn (string $zone): string => strtr($zone, '_', ' '), $zones));
    }

    /** @return array<string, string> how a super is put on */
    public static function putOn(): array
    {
        return [
            'empty' => __('empty: foundation or starters'),
            'drawn' => __('with drawn comb, no honey'),
            'filled' => __('with honey in it'),
        ];
    }

    /** @return array<string, string> */
    public static function winterSchools(): array
    {
        return self::keyed(WinterSchool::cases(), Names::of(...));
    }

    /** @return array<string, string> */
    public static function methods(): array
    {
        return self::keyed(Method::cases(), Names::of(...));
    }

    /** @return array<string, string> a method, or the free choice */
    public static function clearing(): array
    {
        return ['choose' => __('let Marjoram choose')] + self::methods();
    }

    /** @return array<string, string> */
    public static function unitsOfTaking(): array
    {
        return ['supers' => __('whole supers'), 'frames' => __('frame by frame; unfinished frames are gathered and left')];
    }

    /** @return list<Verdict> */
    public static function verdicts(): array
    {
        return Verdict::cases();
    }

    /** @return array<string, string> what a person may decide of supers; only a keeper takes a decision back */
    public static function decisions(bool $manages): array
    {
        return ['take' => __('come off'), 'stay' => __('stay on their hives')]
            + ($manages ? ['verdict' => __('follow their verdict again')] : []);
    }

    /** @return array<string, string> */
    public static function shakes(): array
    {
        return ['passed' => __('no nectar falls'), 'failed' => __('nectar rains out'), '' => __('not done')];
    }

    /** @return array<string, string> what the painter says while it saves */
    public static function painterWords(): array
    {
        return [
            'saving' => __('saving :n …'),
            'saved' => __('saved'),
            'kept' => __('No answer. Your painting is saved here and sent again automatically. Paint on.'),
            'signedOut' => __('You are signed out. Your painting is saved here and is sent after you sign in.'),
            'elsewhere' => __('Someone else painted frame :n meanwhile. Go back to it and choose.'),
            'last' => __('That was the last frame.'),
            'frame' => __('frame :n'),
            'Frame' => __('Frame :n'),
            'of' => __('of :n'),
            'alike' => __('copied from another frame'),
            'unseen' => __('not inspected'),
            'conflict' => __('Someone else painted this frame meanwhile. Theirs: :theirs. Yours: :mine.'),
            'presumed' => __('not inspected, estimated'),
        ];
    }

    /** @return array<string, string> */
    public static function feeds(): array
    {
        return [
            'syrup-2-1' => __('syrup 2:1'),
            'syrup-1-1' => __('syrup 1:1'),
            'fondant' => __('fondant'),
            'dry-sugar' => __('dry sugar'),
            'honey-combs' => __('combs of honey'),
        ];
    }

    /** @return array<string, string> */
    public static function weighings(): array
    {
        return [
            'whole' => __('the whole hive at once'),
            'both-sides' => __('one side, then the other'),
            'one-side' => __('one side lifted twice'),
        ];
    }

    /** @return array<string, string> */
    public static function scales(): array
    {
        return ['water' => __('water %'), 'nd' => __('nD'), 'brix' => __('°Brix')];
    }

    /** @return array<string, string> "sign:result" => its words */
    public static function signs(): array
    {
        $signs = [];
        foreach (Sign::cases() as $sign) {
            foreach (array_keys($sign->results()) as $result) {
                $signs["$sign->value:$result"] = Names::seen($sign->value, $result);
            }
        }

        return $signs;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  list<T>  $cases
     * @param  callable(T): string  $word
     * @return array<string, string>
     */
    private static function keyed(array $cases, callable $word): array
    {
        $choices = [];
        foreach ($cases as $case) {
            $choices[(string) $case->value] = $word($case);
        }

        return $choices;
    }

    /** @return array<string, string> what lies in a comb, by the class that it is drawn in */
    public static function contents(): array
    {
        return ['cap' => __('capped'), 'opn' => __('open'), 'brd' => __('brood'), 'pol' => __('pollen')];
    }

    /** @return array<string, string> what a member may be */
    public static function roles(): array
    {
        return [
            'helper' => __('helper: records'),
            'keeper' => __('keeper: all the work'),
            'viewer' => __('viewer: reads'),
            'owner' => __('owner'),
        ];
    }

    /** @return list<string> January first */
    public static function months(): array
    {
        return array_map(
            static fn (string $month): string => __($month),
            ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'],
        );
    }

    /** @return array<string, string> */
    public static function cells(): array
    {
        return ['' => __('mixed, or not known'), 'open' => __('open cells'), 'capped' => __('capped cells')];
    }

    /** For a view, which names a term by its word. */
    public function term(string $word): Term
    {
        return Term::from($word);
    }
}
