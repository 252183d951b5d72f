<?php

declare(strict_types=1);

namespace App\Words;

/**
 * Finds two labels for one field, and one label for two fields. A name that several forms use for different things
 * is listed here with what it is in each; a label for two names likewise.
 */
final readonly class FieldLabels
{
    /** @var array<string, string> name of a field => what it is in the forms that label it differently */
    private const SEVERAL_THINGS = [
        'password' => 'the present one where it confirms, a new one where it is set',
        'role' => 'of a member (named in the list of members); of a box',
        'whom' => 'a new member; who gets the jars',
        'unit' => 'of mass or temperature; what is taken at once',
        'name' => 'of a person, an operation, an address, a yard, a kind',
        'paper' => 'of documents; of labels',
        'operation' => 'the one shown; the name of a new one',
        'on' => 'day of an inspection, a deed, a taking, a bloom',
        'choice' => 'for one super; for the chosen supers',
        'note' => 'reason of a decision; remark',
        'mark' => 'of a box; of a queen',
        'why' => 'of what is left; of honey used',
        'hive' => 'one hive; the hive of a scale; the hive a box goes to',
        'kg' => 'a yield; a weight; an amount',
        'queen' => 'a column of a table; a known queen',
        'kind' => 'of a label, a note, a box',
        'to' => 'a box; a kind',
        'year' => 'of a comb; of a queen',
        'count' => 'of jars to label; of jars sold',
        'honey' => 'in a tank; drained from a frame',
        'humidity' => 'of the room; one to try',
        'guess' => 'of the capping; of the water',
        'first' => 'day of the boards; a reading',
        'at' => 'of a weight in a table; of a note',
        'weight' => 'a column of a table; of a hive',
        'what' => 'a note; a product against varroa with its reason',
        'how' => 'a hive is weighed; an amount is set',
        'line' => 'of one queen; of several new ones',
        'brood_boxes' => 'of one hive; of each of several',
        'supers' => 'of one hive; of each of several',
        'under' => 'a board is under a super; boxes under a box',
    ];

    /** @var array<string, string> label => what its fields are, each in its own form */
    private const SEVERAL_FIELDS = [
        'Corrects for temperature' => 'of a refractometer: in the set-up; at a reading',
        'Year' => 'of a yield; of a queen',
        'Day' => 'of a bloom, a feeding, a weight',
        'When' => 'of a weight; of what happened to a queen',
        'What' => 'product; event',
    ];

    /** @param  list<array{string, string}>  $labels  name of the field, its label */
    public function __construct(private array $labels)
    {
    }

    /** @return list<string> each in words */
    public function problems(): array
    {
        $ofField = $ofLabel = [];
        foreach ($this->labels as [$field, $label]) {
            $ofField[$field][$label] = true;
            $ofLabel[$label][$field] = true;
        }

        return [
            ...self::several($ofField, self::SEVERAL_THINGS, 'field "%s" has the labels %s'),
            ...self::several($ofLabel, self::SEVERAL_FIELDS, 'label "%s" stands for the fields %s'),
        ];
    }

    /**
     * @param  array<string, array<string, true>>  $found
     * @param  array<string, string>  $allowed
     * @return list<string>
     */
    private static function several(array $found, array $allowed, string $problem): array
    {
        $problems = [];
        foreach ($found as $one => $others) {
            if (count($others) > 1 && ! isset($allowed[$one])) {
                $problems[] = sprintf($problem, $one, implode(' | ', array_keys($others)));
            }
        }
        foreach ($allowed as $one => $reason) {
            if (count($found[$one] ?? []) < 2) {
                $problems[] = "\"$one\" is listed as $reason; it is one thing now";
            }
        }

        return $problems;
    }
}
