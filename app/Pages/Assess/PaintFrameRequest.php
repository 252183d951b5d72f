<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Foundation\Http\MeasuredRequest;
use Illuminate\Validation\Validator;
use Marjoram\Core\Comb\Content;
use Marjoram\Core\Comb\Face;

/** Shares of the two faces of a frame, 0 to 1 each, at most 1 together on a face. No open share: rest not stated. */
final class PaintFrameRequest extends MeasuredRequest
{
    private const SHARES = ['capped', 'open', 'brood', 'pollen'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = [
            'unit' => ['nullable', 'in:percent'],
            'version' => ['nullable', 'integer', 'min:0'],
            'brief' => ['nullable', 'boolean'],
            'seen_on' => ['nullable', 'date_format:Y-m-d'],
        ];
        foreach (['a', 'b'] as $side) {
            $rules[$side] = ['required', 'array:capped,open,brood,pollen'];
            foreach (self::SHARES as $share) {
                $rules["$side.$share"] = ['nullable', 'numeric', 'between:0,'.(int) $this->whole()];
            }
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_fill_keys(['a.*.between', 'b.*.between'], __('A part of a face must be between 0 and 1 (0 to 100 %).'));
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                foreach (['a', 'b'] as $side) {
                    $shares = $this->input($side);
                    $sum = is_array($shares) ? array_sum(array_filter($shares, is_numeric(...))) / $this->whole() : 0.0;
                    if ($sum > 1.0001) {
                        $validator
                            ->errors()
                            ->add(
                                $side,
                                __('Face :side adds up to :sum %; at most 100 % is allowed.', [
                                    'side' => strtoupper($side),
                                    'sum' => round(100 * $sum),
                                ]),
                            );
                    }
                }
            },
        ];
    }

    /** Value of a whole face: 1 in JSON, 100 in a form. */
    private function whole(): float
    {
        return $this->input('unit') === 'percent' ? 100.0 : 1.0;
    }

    /** The day it was seen, where not today. */
    public function day(): ?string
    {
        $day = $this->validated('seen_on');

        return is_string($day) ? $day : null;
    }

    /** The client draws the verdict itself. */
    public function isBrief(): bool
    {
        return $this->boolean('brief');
    }

    /** Version the client last saw; null if not sent, 0 if the frame did not exist. */
    public function version(): ?int
    {
        $version = $this->validated('version');

        return is_numeric($version) ? (int) $version : null;
    }

    /** @return array{a: Face, b: Face} */
    public function faces(): array
    {
        return ['a' => $this->face('a'), 'b' => $this->face('b')];
    }

    private function face(string $side): Face
    {
        $shares = $this->validated($side);
        $isStated = ! is_array($shares) || ! array_key_exists('open', $shares) || $shares['open'] !== null;

        return Face::of(function (Content $content) use ($side): float {
            $value = $this->validated("$side.$content->value");

            return is_numeric($value) ? round((float) $value / $this->whole(), 4) : 0.0;
        }, $isStated);
    }
}
