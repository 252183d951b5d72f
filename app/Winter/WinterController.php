<?php

declare(strict_types=1);

namespace App\Winter;

use App\Models\Apiary;
use App\Models\Hive;
use App\Operation\Computed;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Support\Units\Formatter;
use App\YardState\BoxState;
use App\YardState\YardReader;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\ReserveResult;
use Marjoram\Core\Reserve\WinterSchool;

final readonly class WinterController
{
    public function __construct(
        private YardReader $yards,
        private \App\YardState\Winter\WinterReader $winter,
        private CurrentOperation $current,
        private Computed $kept,
    ) {
    }

    public function index(Formatter $f): View
    {
        if ($this->yards->apiaries()->count() > YardReader::DRAWN_AT_ONCE) {
            return view('yards.many', ['stage' => 'winter']);
        }
        $boards = [];
        foreach ($this->yards->apiaries() as $apiary) {
            $boards[] = [$apiary, WinterBoard::of($apiary, $this->yards, $this->winter, $this->kept, $f)];
        }

        return view('winter.index', ['boards' => $boards]);
    }

    public function show(Formatter $f, Apiary $apiary, ?Hive $hive = null): View
    {
        $apiary->load('harvestPolicies');
        $board = WinterBoard::of($apiary, $this->yards, $this->winter, $this->kept, $f);
        $code = $hive->code ?? $board->first;
        $open = $code === null ? null : $this->open($apiary, $code);
        $policy = Policy::at($this->current, $apiary);

        return view(
            'winter.show',
            [
                'apiary' => $apiary,
                'board' => $board,
                'first' => $open,
                'bare' => $hive !== null && $open === null ? $hive->code : null,
                'season' => $this->winter->season($apiary, $policy),
                'policy' => $policy,
            ] + ($open === null ? [] : $this->choices($apiary, $open, $policy)),
        );
    }

    /** What would be if other boxes stayed: one small part of the page, reckoned at once. */
    public function whatIf(Request $request, Apiary $apiary, Hive $hive): View
    {
        $apiary->load('harvestPolicies');
        $open = $this->open($apiary, $hive->code) ?? abort(404);
        $given = $request->query('keep');
        $policy = Policy::at($this->current, $apiary);
        $keep = array_values(array_filter(is_array($given) ? $given : [], is_string(...)));
        $data =
            ['apiary' => $apiary, 'first' => $open, 'policy' => $policy] +
            $this->choices($apiary, $open, $policy, $keep);

        return $request->header('HX-Request') === 'true'
            ? view('winter.whatif', $data)
            : view(
                'winter.show',
                $data + [
                    'board' => WinterBoard::of(
                        $apiary,
                        $this->yards,
                        $this->winter,
                        $this->kept,
                        app(Formatter::class),
                    ),
                    'season' => $this->winter->season($apiary, $policy),
                ],
            );
    }

    private function open(Apiary $apiary, string $code): ?\App\YardState\Winter\HiveWinter
    {
        return $this->kept->remember(
            "hive-winter.$apiary->id.$code",
            function () use ($apiary, $code): ?\App\YardState\Winter\HiveWinter {
                $state = $this->yards->hive($apiary, $code);

                return $state === null ? null : $this->winter->one($apiary, $state);
            },
            $apiary->revision,
        );
    }

    /**
     * @param  list<string>|null  $keep  supers to keep on; null for what the reckoning keeps
     * @return array{keep: list<string>, whatIf: ReserveResult, schools: array<string, ReserveResult>}
     */
    private function choices(
        Apiary $apiary,
        \App\YardState\Winter\HiveWinter $open,
        Policy $policy,
        ?array $keep = null,
    ): array {
        $use = $this->winter->season($apiary, $policy)->use();
        $reserve = new Reserve;
        [$confidence, $feed, $bees] = [
            $policy->number('winter_confidence'),
            $policy->number('sugar_to_stores'),
            $open->stores->framesOfBees,
        ];
        $schools = [];
        foreach (WinterSchool::cases() as $school) {
            $schools[$school->value] = $reserve->assess(
                $use,
                $bees,
                $open->boxes,
                $open->factor,
                $confidence,
                $feed,
                $school,
                (int) $policy->number('winter_boxes'),
            );
        }
        $brood = array_map(static fn (BoxState $box): string => $box->box->id, $open->state->broodBoxes());
        $keep = $keep === null ? $open->reserve->keep : array_values(array_unique([...$brood, ...$keep]));

        return [
            'keep' => $keep,
            'whatIf' => $reserve->ofKept($use, $bees, $open->boxes, $keep, $open->factor, $confidence, $feed),
            'schools' => $schools,
        ];
    }
}
