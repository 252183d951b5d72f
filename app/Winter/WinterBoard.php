<?php

declare(strict_types=1);

namespace App\Winter;

use App\Models\Apiary;
use App\Operation\Computed;
use App\Support\Units\Formatter;
use App\YardState\BoxState;
use App\YardState\HiveState;
use App\YardState\YardPicture;
use App\YardState\YardReader;
use App\YardState\YardState;
use DateTimeImmutable;
use Marjoram\Core\Reserve\Winter;

/** A whole yard as the Winter page shows it, kept drawn and summed. */
final readonly class WinterBoard
{
    /** Common practice: bees no longer take syrup when the days stay below this mean. */
    public const FEED_ABOVE_C = 10.0;

    /**
     * @param  array{hives: int, take: float, sugar: float, syrup: float, spare: float, unlooked: int, feedUntil: ?DateTimeImmutable}  $sums
     * @param  list<array{code: string, on: string}>  $warnings  hives that may run out, and when
     */
    private function __construct(
        public array $sums,
        public ?string $first,
        public array $warnings,
        private string $drawing,
        private string $chart,
        public string $table,
    ) {
    }

    public static function of(
        Apiary $apiary,
        YardReader $yards,
        \App\YardState\Winter\WinterReader $reader,
        Computed $kept,
        Formatter $f,
    ): self {
        return $kept->remember(
            "winter-board.2.$apiary->id.".$f->preferences->system,
            function () use ($apiary, $yards, $reader, $f): self {
                $state = $yards->one($apiary);

                return self::make($state, $reader->read($state), $reader->season($apiary), $f);
            },
            $apiary->revision,
        );
    }

    /** @param  array<string, \App\YardState\Winter\HiveWinter>  $winters */
    private static function make(
        YardState $state,
        array $winters,
        \App\YardState\Winter\WinterSeason $season,
        Formatter $f,
    ): self {
        $slug = $state->apiary->slug;
        $sum = static fn (callable $of): float => array_sum(array_map($of, $winters));
        $short = array_filter(
            $winters,
            static fn (\App\YardState\Winter\HiveWinter $one): bool => $one->reserve->sugarKg > 0.5,
        );
        $link = static fn (HiveState $hive): string => route('winter.hive', [$slug, $hive->hive->code], false);
        $drawing =
            $winters === []
                ? ''
                : (new YardPicture)->svg(
                    $state,
                    __('Elevation of :yard with the reserve line', ['yard' => $state->apiary->name]),
                    $link,
                    static fn (HiveState $hive, BoxState $box): string => $link($hive),
                    null,
                    null,
                    null,
                    static fn (HiveState $hive): ?int => isset($winters[$hive->hive->code])
                        ? $winters[$hive->hive->code]->boxesBelow()
                        : null,
                    static fn (HiveState $hive): array => isset($winters[$hive->hive->code])
                        ? $winters[$hive->hive->code]->inOrder()
                        : $hive->boxes,
                );

        return new self(
            [
                'hives' => count($winters),
                'take' => $sum(static fn (\App\YardState\Winter\HiveWinter $one): float => $one->takeKg()),
                'sugar' => array_sum(
                    array_map(
                        static fn (\App\YardState\Winter\HiveWinter $one): float => $one->reserve->sugarKg,
                        $short,
                    ),
                ),
                'syrup' => array_sum(
                    array_map(static fn (\App\YardState\Winter\HiveWinter $one): float => $one->reserve->syrupL, $short),
                ),
                'spare' => $sum(static fn (\App\YardState\Winter\HiveWinter $one): float => $one->reserve->spareKg),
                'unlooked' => $state->toLook(),
                'feedUntil' => self::feedUntil($season->whole, $season->today),
            ],
            (string) (array_key_first($short) ?? array_key_first($winters)) ?: null,
            array_values(
                array_filter(
                    array_map(
                        static fn (\App\YardState\Winter\HiveWinter $one): ?array => $one->runsOut === null
                            ? null
                            : ['code' => $one->state->hive->code, 'on' => $one->runsOut],
                        $winters,
                    ),
                ),
            ),
            $drawing,
            $winters === [] ? '' : (new StoresChart)->svg($winters, $f),
            view('winter.table', ['winters' => $winters, 'slug' => $slug])->render(),
        );
    }

    private static function feedUntil(Winter $winter, DateTimeImmutable $today): ?DateTimeImmutable
    {
        return $winter->coolsBelow(self::FEED_ABOVE_C, $today);
    }

    public function drawing(?string $hive): string
    {
        return YardPicture::choose($this->drawing, $hive);
    }

    public function chart(?string $hive): string
    {
        return YardPicture::choose($this->chart, $hive);
    }
}
