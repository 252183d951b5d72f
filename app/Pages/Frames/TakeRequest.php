<?php

declare(strict_types=1);

namespace App\Pages\Frames;

use App\Apiary\Frames\FrameMarks;
use App\Models\HoneyUse;
use Illuminate\Validation\Rule;

/** Frames that come off. */
final class TakeRequest extends ChosenFramesRequest
{
    private const BEES = ['shaken', 'brushed', 'aside'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'bees' => ['nullable', Rule::in(self::BEES)],
            'gather' => ['sometimes', 'boolean'],
            'gaps' => ['nullable', Rule::enum(Gaps::class)],
            'clearing' => ['nullable', 'string', 'max:26'],
            'use' => ['nullable', Rule::enum(HoneyUse::class)],
            'colour' => ['nullable', Rule::in(array_keys(FrameMarks::choices()))],
            'number' => ['nullable', 'integer', 'between:1,9999'],
        ];
    }

    public function taking(): Taking
    {
        $bees = $this->input('bees');

        return new Taking(
            $this->day(),
            in_array($bees, self::BEES, true) ? $bees : self::BEES[0],
            $this->boolean('gather'),
            Gaps::tryFrom($this->string('gaps')->toString()) ?? Gaps::Left,
            $this->string('colour')->toString() ?: null,
            HoneyUse::tryFrom($this->string('use')->toString()) ?? HoneyUse::Extract,
            $this->integer('number') ?: null,
        );
    }
}
