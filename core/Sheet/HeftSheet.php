<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use JsonException;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Reserve\HiveWeight;

/**
 * The stores of a hive that was weighed or lifted in the yard: HiveWeight, for a phone. Entry point of the module.
 *
 * Asked with one JSON object: `how` (whole, both-sides, one-side), `readings` (kg, one or two, each with `kg`),
 * `boxes` (those that stand there, each with `empty_mass_kg`) and `frames_of_bees`.
 */
final readonly class HeftSheet
{
    /** @return string {gross_kg, tare_kg, stores_kg, sd_kg}, or {error: {sentence, figures, pointer}} */
    public function answer(string $json): string
    {
        try {
            $asked = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
            $weight = self::weigh(Fields::of($asked));
            $answer = [
                'gross_kg' => $weight->grossKg,
                'tare_kg' => $weight->tareKg,
                'stores_kg' => $weight->storesKg,
                'sd_kg' => $weight->sdKg,
            ];
        } catch (InvalidInput $refusal) {
            $answer = ['error' => [
                'sentence' => $refusal->sentence,
                'figures' => $refusal->figures,
                'pointer' => $refusal->pointer,
            ]];
        } catch (JsonException) {
            $answer = ['error' => ['sentence' => 'The question is not JSON.', 'figures' => [], 'pointer' => '']];
        }

        return (string) json_encode($answer, JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @throws InvalidInput with a pointer into the question */
    private static function weigh(Fields $asked): HiveWeight
    {
        $how = $asked->text('how');
        if ($how !== 'whole' && $how !== 'both-sides' && $how !== 'one-side') {
            throw InvalidInput::unknown('The way of weighing', $how, 'whole, both-sides, one-side', '/how');
        }
        $readings = $asked->each('readings', static fn (Fields $one): float => $one->number('kg'));
        if ($readings === []) {
            throw InvalidInput::because('A reading is missing.', 'one or two', '/readings');
        }

        return HiveWeight::of(
            $how,
            $readings,
            $asked->each('boxes', static fn (Fields $one): float => $one->number('empty_mass_kg')),
            $asked->number('frames_of_bees'),
        );
    }
}
