<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use Marjoram\Core\Clearing\Caution;
use Marjoram\Core\Clearing\RankReason;
use Marjoram\Core\Clearing\Refusal;

/** What the comparison of the methods of clearing says. */
final readonly class ClearingWords
{
    public function __construct(private Formatter $format)
    {
    }

    /** @param  array<string, mixed>  $figures */
    public function refusal(Refusal $refusal, array $figures): string
    {
        $of = new Figures($figures, $this->format);

        return match ($refusal) {
            Refusal::NoSuper => __('No super is to come off.'),
            Refusal::TooFewBoards => __(
                ':boards boards for :hives hives: :short short.',
                ['boards' => $of->number('boards'), 'hives' => $of->number('hives'), 'short' => $of->number('short')],
            ),
            Refusal::BroodAbove => __(
                'Brood in the supers of :hives: bees do not leave it.',
                ['hives' => $of->list('hives')],
            ),
            Refusal::TooFewDays => __('Two days are needed and fewer are known.'),
            Refusal::NoFumeBoard => __('There is no fume board.'),
            Refusal::NoBlower => __('There is no blower.'),
            Refusal::NoWarmDryDay => __(
                'No day known is dry and at least :temperature.',
                ['temperature' => $this->format->celsius($of->float('celsius'))],
            ),
            Refusal::NoDryDay => __('No day known is dry enough.'),
            Refusal::NoColdDryDay => __(
                'No night known is dry and colder than :temperature.',
                ['temperature' => $this->format->celsius($of->float('celsius'))],
            ),
        };
    }

    /** @param  array<string, mixed>  $figures */
    public function caution(Caution $caution, array $figures): string
    {
        $of = new Figures($figures, $this->format);

        return match ($caution) {
            Caution::RightSideUp => __(
                'Right side up, gaps taped, no upper entrance; no board longer than three nights.',
            ),
            Caution::FollowTheLabel => __(
                'Repellent: follow the label, gloves, open air; some taint whatever they touch.',
            ),
            Caution::NoiseAndDebris => __('Noise and flying debris: ear and eye protection; people stand clear.'),
            Caution::CoverAtOnce => __('Cover each box at once: robbing once begun is hard to stop.'),
            Caution::BreakTheSealAgain => __(
                'Break the seal the day before and weight it again; the excluder out; the cluster must sit below.',
            ),
            Caution::LookForTheQueen => __(
                'No excluder on :hive: look for brood and the queen first.',
                ['hive' => $of->word('hive')],
            ),
        };
    }

    /** @param  array<string, mixed>  $figures */
    public function rank(RankReason $reason, array $figures): string
    {
        $of = new Figures($figures, $this->format);
        $values = ['minutes' => $of->number('person_minutes'), 'risk' => __($of->word('risk'))];

        return match ($reason) {
            RankReason::NoMethod => __('No method can be used on the days known.'),
            RankReason::OnlyMethod => __('It is the only method that can be used.'),
            RankReason::LessWork => __('It takes :minutes person-minutes less than the next.', $values),
            RankReason::LessWorkAtRisk => __(
                'It takes :minutes person-minutes less and the risk of robbing is :risk.',
                $values,
            ),
            RankReason::FewerBees => __(
                'It takes :minutes person-minutes more than the next but leaves fewer bees and a :risk risk of robbing.',
                $values,
            ),
        };
    }
}
