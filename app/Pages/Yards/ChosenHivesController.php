<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use App\Apiary\Hives\BoxKindReader;
use App\Foundation\Http\Saved;
use App\Models\Apiary;
use App\Models\BoxPlace;
use App\Models\FrameLook;
use App\Models\Hive;
use App\Models\Queen;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What is said of several hives of a yard at once: which kind their boxes are, and their new queens. */
final readonly class ChosenHivesController
{
    private const HIVES = ['required', 'array', 'min:1', 'max:500'];

    /** Boxes that were noted as another kind than they are; what was seen in them stays. */
    public function kind(Request $request, Apiary $apiary, BoxKindReader $kinds): RedirectResponse
    {
        $known = array_keys($kinds->all());
        $values = $request->validate([
            'hives' => self::HIVES,
            'hives.*' => ['string', 'max:26'],
            'which' => ['required', Rule::in(['brood', 'super'])],
            'from' => ['nullable', Rule::in($known)],
            'to' => ['required', Rule::in($known)],
        ], self::messages());
        $to = $kinds->get($values['to']);
        $places = BoxPlace::query()
            ->whereIn('hive_id', $this->chosen($apiary, $values['hives'])->modelKeys())
            ->whereNull('until')
            ->where('role', $values['which'])
            ->with(['box', 'hive'])
            ->get();
        $changed = 0;
        foreach ($places as $place) {
            $box = $place->box;
            if ($box->kind === $to->key || (($values['from'] ?? '') !== '' && $box->kind !== $values['from'])) {
                continue;
            }
            $this->mustHold($place, $to->frames);
            $fitted = $box->frames_fitted === null ? null : min($box->frames_fitted, $to->frames);
            $box->update(['kind' => $to->key, 'frames_fitted' => $fitted]);
            $changed++;
        }

        return $this->done($apiary, $changed === 0
            ? __('All boxes of the chosen hives are of this kind already.')
            : trans_choice('{1} :count box is :kind now.|[2,*] :count boxes are :kind now.', $changed, [
                'kind' => $to->name,
            ]));
    }

    public function queens(Request $request, Apiary $apiary, Queens $queens): RedirectResponse
    {
        $values = $request->validate([
            'hives' => self::HIVES,
            'hives.*' => ['string', 'max:26'],
            'line' => ['required', 'string', 'max:30'],
            'year' => ['required', 'integer', 'between:2000,2100'],
            'mother' => ['nullable', 'string', 'max:30'],
        ], self::messages());
        $mother = null;
        if (($values['mother'] ?? '') !== '') {
            $mother = Queen::query()->where('code', $values['mother'])->first()
                ?? throw ValidationException::withMessages(['mother' => __('No queen has the code :code.', [
                    'code' => $values['mother'],
                ])]);
        }
        $hives = $this->chosen($apiary, $values['hives']);
        foreach ($hives as $hive) {
            $code = $queens->freeCode(sprintf('%02d-%s', $values['year'] % 100, $hive->code));
            $queens->give($hive, $queens->new($code, $values['line'], (int) $values['year'], $mother));
        }

        return $this->done($apiary, trans_choice(
            '{1} :count hive has a new queen.|[2,*] :count hives have new queens.',
            $hives->count(),
        ));
    }

    /**
     * @param  array<array-key, mixed>  $ids
     * @return Collection<int, Hive>
     */
    private function chosen(Apiary $apiary, array $ids): Collection
    {
        $hives = Hive::query()
            ->whereKey(array_values($ids))
            ->whereHas('stand', static fn ($stand) => $stand->where('apiary_id', $apiary->id))
            ->with(['colony', 'colonies'])
            ->get();
        if ($hives->count() !== count(array_unique($ids))) {
            throw ValidationException::withMessages(['hives' => __('One of the chosen hives is not in this yard.')]);
        }

        return $hives->sortBy('code', SORT_NATURAL)->values();
    }

    private function mustHold(BoxPlace $place, int $frames): void
    {
        $seen = (int) FrameLook::query()
            ->whereHas('assessment', static fn ($look) => $look->where('box_id', $place->box_id))
            ->max('slot');
        if ($seen > $frames) {
            throw ValidationException::withMessages(['to' => __(
                'Frame :n of box :mark on :hive was inspected, but this kind has room for :frames.',
                ['n' => $seen, 'mark' => $place->box->mark, 'hive' => $place->hive->code, 'frames' => $frames],
            )]);
        }
    }

    /** @return array<string, string> */
    private static function messages(): array
    {
        return [
            'hives.required' => __('Choose at least one hive.'),
            'to.required' => __('Choose the kind of the boxes.'),
            'line.required' => __('Enter the queens\' line.'),
        ];
    }

    private function done(Apiary $apiary, string $words): RedirectResponse
    {
        return Saved::at(route('yards.yard', $apiary->slug), $words);
    }
}
