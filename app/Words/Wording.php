<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use BackedEnum;
use LogicException;
use Marjoram\Core\Clearing;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Flow;
use Marjoram\Core\Flow\Sign;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Lifting\LiftResult;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Verdict;
use Marjoram\Core\Rounds\ScheduleLimit;
use Marjoram\Core\Rounds\Shortfall;
use Marjoram\Core\Spin\SpinReason;
use Marjoram\Core\Spin\SpinSide;
use Marjoram\Core\Statement;

/**
 * The words for what the core says: its names, its reasons with their figures in the reader's units, its refusals.
 * Every view has it as `$say`; a second language is only a file of translations.
 */
final readonly class Wording
{
    public function __construct(private Formatter $format)
    {
    }

    /** For programs: English, in the units of the core. */
    public static function forPrograms(): self
    {
        return new self(new Formatter);
    }

    public function verdict(Verdict $verdict): string
    {
        return Names::ofVerdict($verdict);
    }

    /** What to do, as a sentence. */
    public function advice(Verdict $verdict): string
    {
        return Names::sentenceOf($verdict);
    }

    public function method(Method $method): string
    {
        return Names::ofMethod($method);
    }

    /** How boards are put on. */
    public function placing(): string
    {
        return __(
            'Each board right side up, under the supers that come off and above all that stays; tape every gap and upper entrance.',
        );
    }

    /** How supers are taken by a method, on the day. */
    public function taking(Method $method): string
    {
        return Names::ofTaking($method);
    }

    /** The drawing of a verdict, in the sprite after "v-". */
    public function mark(Verdict $verdict): string
    {
        return $verdict === Verdict::TakeAndDry ? 'dry' : $verdict->value;
    }

    /** The drawing of a method, in the sprite after "v-". */
    public function glyph(Method $method): string
    {
        return MethodGlyph::of($method);
    }

    public function ripenessSchool(RipenessSchool $school): string
    {
        return Names::ofRipenessSchool($school);
    }

    public function winterSchool(WinterSchool $school): string
    {
        return Names::ofWinterSchool($school);
    }

    public function sign(Sign|string $sign, string $result): string
    {
        return Names::ofSign($sign instanceof Sign ? $sign->value : $sign, $result);
    }

    public function feed(string $what): string
    {
        return Choices::feeds()[$what] ?? $what;
    }

    public function weighing(string $how): string
    {
        return Choices::weighings()[$how] ?? $how;
    }

    public function scale(string $scale): string
    {
        return Choices::scales()[$scale] ?? $scale;
    }

    public function limit(ScheduleLimit $limit): string
    {
        return Names::ofLimit($limit);
    }

    /** A case of the core's with no figures behind it, such as a phase or a risk. */
    public function term(BackedEnum $case): string
    {
        return __((string) $case->value);
    }

    /** What came off, in whole supers and in single frames. */
    public function taken(int $supers, int $frames): string
    {
        $words = [
            $supers > 0 || $frames === 0 ? trans_choice('{1} :count super|[0,*] :count supers', $supers) : '',
            $frames > 0 ? trans_choice('{1} :count frame|[2,*] :count frames', $frames) : '',
        ];

        return implode(', ', array_filter($words));
    }

    /** How hard a lift is on a back, by its index. */
    public function lift(LiftResult $lift): string
    {
        $index = is_finite($lift->index) ? number_format($lift->said(), 1) : '∞';

        return __('index')." $index: ".$this->term($lift->advice());
    }

    /** A reason, a caution or a refusal of the core's. */
    public function statement(Statement $said): string
    {
        $what = $said->what;
        $clearing = new ClearingWords($this->format);

        return match (true) {
            $what instanceof Ripeness\Reason => (new RipenessWords($this->format))->reason($what, $said->figures),
            $what instanceof Ripeness\TakingCaution => RipenessWords::caution($what),
            $what instanceof Clearing\Refusal => $clearing->refusal($what, $said->figures),
            $what instanceof Clearing\Caution => $clearing->caution($what, $said->figures),
            $what instanceof Clearing\RankReason => $clearing->rank($what, $said->figures),
            $what instanceof SpinReason => (new SpinWords($this->format))->reason($what, $said->figures),
            $what instanceof Flow\Filter\FilterReason => FlowWords::filter($what, $said->figures),
            $what instanceof Flow\FlowReason => (new FlowWords($this->format))->reason($what, $said->figures),
            default => throw new LogicException('There are no words for '.$what::class.'.'),
        };
    }

    /**
     * @param  list<Statement>  $said
     * @return list<string>
     */
    public function statements(array $said): array
    {
        return array_map($this->statement(...), $said);
    }

    /** Which side of the combs empties. */
    public function side(SpinSide $side): string
    {
        return SpinWords::side($side);
    }

    /** @param  string  $yard  its name */
    public function shortfall(Shortfall $shortfall, string $yard): string
    {
        return (new ShortfallWords($this->format))->of($shortfall, $yard);
    }

    /** What was wrong and what is allowed. */
    public function refusal(InvalidInput $refusal): string
    {
        $figures = [];
        foreach ($refusal->figures as $name => $value) {
            $isMass = str_ends_with($name, '_kg');
            $figures[$name] = $isMass ? $this->format->kg((float) $value, 0) : __((string) $value);
        }

        return __($refusal->sentence, $figures);
    }
}
