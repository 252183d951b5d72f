<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Inspections\CombNote;
use Illuminate\Validation\Rule;

/** What combs chosen frames hold. */
final class CombRequest extends ChosenFramesRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'comb' => ['required', Rule::in(array_keys(self::combs()))],
            'year' => ['nullable', 'integer', 'between:1990,2100'],
        ];
    }

    public function note(): CombNote
    {
        $year = $this->integer('year');

        return new CombNote($this->string('comb')->toString(), $year > 0 ? $year : null);
    }

    /** @return array<string, string> */
    public static function combs(): array
    {
        return [
            'drawn' => __('drawn'),
            'new' => __('new'),
            'wired' => __('wired'),
            'unwired' => __('no wire'),
            'free' => __('no foundation'),
            'damaged' => __('damaged'),
        ];
    }
}
