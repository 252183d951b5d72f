<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Apiary;
use App\Operation\Computed;
use App\Support\Units\Formatter;
use App\YardState\YardPicture;
use Illuminate\Support\Facades\Gate;

/** A whole yard as the Assess page shows it, kept drawn and listed: a yard of sixty hives is a large drawing. */
final readonly class YardBoard
{
    /**
     * @param  array{hives: int, kg: string, range: string, look: int, flow: string}  $figures
     * @param  list<array{code: string, box: string, slot: ?int, name: string}>  $worth  supers to look at, the look worth most first
     */
    private function __construct(
        public array $figures,
        public array $worth,
        private string $drawing,
        private string $today,
        public string $table,
    ) {
    }

    public static function of(Apiary $apiary, \App\YardState\YardReader $yards, Computed $kept, Formatter $f): self
    {
        $name =
            "board.$apiary->id.".
            $f->preferences->system.
            (Gate::check('record') ? '.r' : '').
            (Gate::check('manage') ? 'm' : '');

        return $kept->remember($name, fn (): self => self::make($yards->one($apiary), $f), $apiary->revision);
    }

    private static function make(\App\YardState\YardState $state, Formatter $f): self
    {
        $slug = $state->apiary->slug;
        [$kg, $sd] = $state->ripe();
        $worth = array_map(
            static fn (array $one): array => [
                'code' => $one[0]->hive->code,
                'box' => $one[1]->box->id,
                'slot' => is_int($one[1]->ripeness->lookNext) ? $one[1]->ripeness->lookNext : null,
                'name' => $one[1]->name(),
            ],
            $state->worthALook(),
        );

        return new self(
            [
                'hives' => count($state->hives),
                'kg' => $f->kg($kg, 0),
                'range' => $f->kgRange($kg, $sd, 0),
                'look' => $state->toLook(),
                'flow' => $state->flow->sentence(),
            ],
            $worth,
            (new YardPicture)->svg(
                $state,
                __('Elevation of :yard', ['yard' => $state->apiary->name]),
                fn (\App\YardState\HiveState $hive): string => route('assess.hive', [$slug, $hive->hive->code], false).
                    '#opened',
                fn (\App\YardState\HiveState $hive, \App\YardState\BoxState $one): string => route(
                    'assess.hive',
                    [$slug, $hive->hive->code, 'box' => $one->box->id],
                    false,
                ).'#opened',
                fn (\App\YardState\HiveState $hive): array => array_slice($hive->words(), 0, 2),
            ),
            view('assess.today', ['state' => $state])->render(),
            view('assess.table', ['state' => $state])->render(),
        );
    }

    /** @param  array<mixed>  $chosen  ids of boxes that were ticked before the form came back */
    public function today(array $chosen): string
    {
        $rows = $this->today;
        foreach (array_filter($chosen, is_string(...)) as $id) {
            $rows = str_replace('value="'.e($id).'"', 'value="'.e($id).'" checked', $rows);
        }

        return $rows;
    }

    public function drawing(?string $hive = null, ?string $box = null): string
    {
        return YardPicture::choose($this->drawing, $hive, $box);
    }
}
