<?php

declare(strict_types=1);

namespace App\Words;

use App\Foundation\Units\Formatter;
use BackedEnum;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Flow\Filter\FilterReason;
use Marjoram\Core\Flow\FlowReason;
use Marjoram\Core\Flow\Sign;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Lifting\LiftResult;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Verdict;
use Marjoram\Core\Rounds\BrokenLimit;
use Marjoram\Core\Rounds\ScheduleLimit;
use Marjoram\Core\Rounds\Shortfall;
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
        return Names::of($verdict);
    }

    /**
     * What to do, as a sentence.
     *
     * @param  ?int  $frame  the frame that would tell most
     * @param  int  $readings  of its water so far
     */
    public function advice(Verdict $verdict, ?int $frame = null, int $readings = 0): string
    {
        return match (true) {
            $verdict === Verdict::Look && $frame !== null => __('Inspect frame :n before you decide.', ['n' => $frame]),
            $verdict === Verdict::ReadWater && $readings > 0 => __('Read the water once more before you decide.'),
            default => Names::sentence($verdict, list: 'advice'),
        };
    }

    public function method(Method $method): string
    {
        return Names::of($method);
    }

    /** How boards are put on. */
    public function placing(): string
    {
        return __(
            'Put each board right side up, between the supers that come off and the boxes that stay. Tape every gap and upper entrance.',
        );
    }

    /** How supers are taken by a method, on the day. */
    public function taking(Method $method): string
    {
        return Names::sentence($method, list: 'taking');
    }

    /** The drawing of a verdict, in the sprite after "v-". */
    public function mark(Verdict $verdict): string
    {
        return $verdict === Verdict::TakeAndDry ? 'dry' : $verdict->value;
    }

    /** The drawing of a method, in the sprite after "v-". */
    public static function glyph(Method $method): string
    {
        return match ($method) {
            Method::Brush => 'brush',
            Method::EscapeBoard => 'board',
            Method::FumeBoard => 'fume',
            Method::Blower => 'blow',
            Method::ByFrame => 'frame',
            Method::Cold => 'cold',
        };
    }

    public function ripenessSchool(RipenessSchool $school): string
    {
        return Names::of($school);
    }

    public function winterSchool(WinterSchool $school): string
    {
        return Names::of($school);
    }

    public function sign(Sign|string $sign, string $result): string
    {
        return Names::seen($sign instanceof Sign ? $sign->value : $sign, $result);
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
        return Names::of($limit);
    }

    /** A case of the core's with no figures behind it, such as a phase or a risk. */
    public function term(BackedEnum $case): string
    {
        return Names::of($case);
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

        return __(':advice (lifting index :index)', ['advice' => $this->term($lift->advice()), 'index' => $index]);
    }

    /** A reason, a caution or a refusal of the core's. */
    public function statement(Statement $said): string
    {
        $figures = (new Figures($this->format))->said($said->figures);

        return match (true) {
            $said->what instanceof FilterReason => self::evidence($said, $figures),
            $said->what === FlowReason::SignSeen => Names::sentence(
                $said->what,
                ['sign' => Names::seen(self::value($said->figures['sign']), self::value($said->figures['result']))] + $figures,
            ),
            $said->what === Reason::PutOnEmpty || $said->what === Reason::LittleNectarSince => Names::sentence(
                $said->what,
                $figures,
                count: is_numeric($said->figures['days'] ?? null) ? (int) round((float) $said->figures['days']) : 0,
            ),
            default => Names::sentence($said->what, $figures),
        };
    }

    /**
     * What bears on whether the flow is over, how strongly, and in which direction.
     *
     * @param  array<string, string>  $figures
     */
    private static function evidence(Statement $said, array $figures): string
    {
        $odds = is_float($said->figures['log_odds'] ?? null) ? $said->figures['log_odds'] : 0.0;

        return Names::sentence($said->what, $figures + [
            'how' => exp(abs($odds)) >= 2.0 ? __('strongly') : __('somewhat'),
            'for' => $odds >= 0.0 ? __('for "over"') : __('against "over"'),
        ]);
    }

    private static function value(mixed $case): string
    {
        return $case instanceof BackedEnum ? (string) $case->value : (is_string($case) ? $case : '');
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
        return Names::of($side);
    }

    /**
     * What keeps a yard from being served, and what would mend it.
     *
     * @param  string  $yard  its name
     */
    public function shortfall(Shortfall $shortfall, string $yard): string
    {
        $day = $shortfall->date ?? $shortfall->visit?->last;
        $figures = ['yard' => $yard, 'day' => $day, 'method' => $shortfall->visit?->method];
        $why = $shortfall->why->what;
        $said = (new Figures($this->format))->said(array_filter($figures) + $shortfall->why->figures);

        return Names::sentence($why, $said + [
            'what' => implode(' '.__('and').' ', array_unique(array_map($this->lacking(...), $shortfall->lacking))),
        ]);
    }

    private function lacking(BrokenLimit $one): string
    {
        $figures = (new Figures($this->format))->said(['short' => $one->by, 'day' => $one->day]);

        return Names::sentence($one->limit, $figures, 'lacking');
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
