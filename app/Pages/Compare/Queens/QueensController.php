<?php

declare(strict_types=1);

namespace App\Pages\Compare\Queens;

use App\Apiary\Operation\OperationCache;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Http\Saved;
use App\Foundation\Units\Formatter;
use App\Models\ColonyFact;
use App\Models\MarkKind;
use App\Models\Queen;
use App\Models\QueenMark;
use App\Pages\Compare\Crop;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Validation\Rule;
use Marjoram\Core\Yields\Merit\YieldScale;

/** Queens next to each other, one through her seasons, and what is meant to be done with her. */
final readonly class QueensController
{
    /** More are listed, not drawn. */
    private const DRAWN = 80;

    public function __construct(
        private MeritReader $merits,
        private QueenBook $book,
        private OperationCache $cache,
        private Formatter $format,
    ) {
    }

    public function index(Request $request, RankPicture $rank, TreePicture $tree): View
    {
        $page = $this->page($request);
        $line = is_string($request->query('line')) ? $request->query('line') : $page->lines()->keys()->first();
        $of = is_string($line) ? $page->lines()->get($line) : null;

        return view('compare.queens', [
            'page' => $page,
            'rank' => $page->isRanked()
                ? $rank->of($page->living()->take(self::DRAWN), self::link(...), $page->kg(...))
                : null,
            'line' => $line,
            'tree' => is_string($line) && $of !== null ? $tree->of($line, $of, self::link(...), $page->kg(...)) : null,
        ]);
    }

    public function show(Request $request, Queen $queen): View
    {
        $page = $this->page($request);
        $known = $page->queens->get($queen->code) ?? abort(404);

        return view('compare.queen', [
            'page' => $page,
            'queen' => $known,
            'record' => $queen,
            'daughters' => $page->queens->where('mother', $queen->code),
            'seasons' => $this->merits->crops()->where('queen', $queen->code)->sortBy('season')->values(),
            'facts' => ColonyFact::query()->where('queen_id', $queen->id)->with('hive')->orderBy('happened_on')->get(),
            'mothers' => Queen::query()->whereKeyNot($queen->id)->orderBy('code')->pluck('code', 'id'),
            'marks' => MarkKind::all(),
        ]);
    }

    /** One mark a queen: another takes its place. */
    public function mark(Request $request, Queen $queen): RedirectResponse
    {
        $values = $request->validate([
            'mark' => ['required', Rule::enum(MarkKind::class)],
            'reason' => ['nullable', 'string', 'max:200'],
            'daughters' => ['nullable', 'integer', 'between:0,200'],
        ]);
        $queen->claim(null);
        $mark = QueenMark::query()->where('queen_id', $queen->id)->first() ?? new QueenMark(['queen_id' => $queen->id]);
        $mark->fill([
            'mark' => $values['mark'],
            'reason' => $values['reason'] ?? '',
            'daughters' => $values['mark'] === MarkKind::Breed->value ? (int) ($values['daughters'] ?? 0) : 0,
        ])->save();

        return Saved::at(route('compare.queen', $queen->id), __(':queen: :mark.', [
            'queen' => $queen->code,
            'mark' => $mark->mark->words(),
        ]));
    }

    public function unmark(QueenMark $queenMark): RedirectResponse
    {
        $queenMark->load('queen')->delete();

        return Saved::at(route('compare.queen', $queenMark->queen_id), __('The plan for :queen is removed.', [
            'queen' => $queenMark->queen->code,
        ]));
    }

    /** Who her mother is, as far as it is known. */
    public function mother(Request $request, Queen $queen): RedirectResponse
    {
        $values = $request->validate([
            'mother' => ['nullable', 'string', Rule::in(Queen::query()->pluck('id')->all())],
            'version' => ['nullable', 'integer'],
        ]);
        $mother = $values['mother'] ?? null;
        Foremothers::mustNotHold($queen, $mother);
        $queen->claim($values['version'] ?? null)->update(['mother_id' => $mother]);

        return Saved::at(route('compare.queen', $queen->id), __('The mother of :queen is saved.', ['queen' => $queen->code]));
    }

    private function page(Request $request): QueensPage
    {
        $proposed = $this->merits->proposed();
        $scale = is_string($request->query('scale')) ? YieldScale::tryFrom($request->query('scale')) : null;
        $merits = $this->merits->of($scale ?? $proposed);
        $crops = $this->merits->closed();

        return new QueensPage(
            $merits,
            $this->cache->of(
                'queen-book.'.($scale ?? $proposed)->value,
                [ScopeVersions::ALL],
                fn (): Collection => $this->book->read($merits),
            ),
            $proposed,
            $crops->unique('season')->count(),
            (float) $crops->avg(static fn (Crop $one): float => $one->honey->kg),
            $this->format,
        );
    }

    private static function link(KnownQueen $queen): string
    {
        return $queen->id === null ? '#queen-table' : route('compare.queen', $queen->id);
    }
}
