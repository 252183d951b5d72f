<?php

declare(strict_types=1);

namespace App\Foundation\Places;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A form's place may be named by a town near it, whose latitude and longitude it takes, or be written as the two. */
final readonly class PlaceByName
{
    private const NAMED = 4;

    private const MOST_LETTERS = 120;

    /** As maps hand them out: "58.39, 13.44". */
    private const COORDINATES = '/^(-?\d{1,3}(?:\.\d+)?)\s*[,; ]\s*(-?\d{1,3}(?:\.\d+)?)$/';

    public function __construct(private Gazetteer $gazetteer)
    {
    }

    /** @throws ValidationException where no town or more than one is meant */
    public function into(Request $request): void
    {
        $given = $request->input('place');
        $words = is_string($given) ? trim($given) : '';
        if ($words === '') {
            return;
        }
        if (mb_strlen($words) > self::MOST_LETTERS) {
            throw ValidationException::withMessages([
                'place' => __('A place has at most :n letters. You entered :given.', [
                    'n' => self::MOST_LETTERS,
                    'given' => mb_strlen($words),
                ]),
            ]);
        }
        if (preg_match(self::COORDINATES, $words, $two) === 1) {
            $request->merge(['latitude' => $two[1], 'longitude' => $two[2]]);

            return;
        }
        $towns = $this->gazetteer->meant($words);
        if (count($towns) !== 1) {
            throw ValidationException::withMessages(['place' => $this->whatIsWrong($words, $towns)]);
        }
        $request->merge(['latitude' => $towns[0]->latitude, 'longitude' => $towns[0]->longitude]);
    }

    /** @param  list<Town>  $towns */
    private function whatIsWrong(string $words, array $towns): string
    {
        if ($towns !== []) {
            $labels = array_map(static fn (Town $town): string => $town->label(), array_slice($towns, 0, self::NAMED));

            return __(':n towns have this name. Choose one: :towns.', [
                'n' => count($towns),
                'towns' => implode('; ', $labels),
            ]);
        }
        $near = $this->gazetteer->beginning(explode(',', $words)[0], self::NAMED);
        $labels = array_map(static fn (Town $town): string => $town->label(), $near);

        return __('No town is called ":words".', ['words' => $words]).
            ($labels === [] ? '' : ' '.__('Do you mean :towns?', ['towns' => implode('; ', $labels)]));
    }
}
