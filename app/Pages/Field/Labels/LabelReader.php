<?php

declare(strict_types=1);

namespace App\Pages\Field\Labels;

use App\Apiary\Frames\FrameMarks;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Apiary;
use App\Models\Box;
use App\Models\Bucket;
use App\Models\Hive;

/** The labels of hives, boxes or buckets; a yard's, or all. */
final readonly class LabelReader
{
    /** A roll of labels more at once helps nobody. */
    private const MOST = 600;

    public function __construct(private CurrentOperation $current, private YardReader $yards)
    {
    }

    /** @return list<Label> */
    public function of(LabelKind $kind, ?Apiary $yard): array
    {
        return match ($kind) {
            LabelKind::Hive => $this->hives($yard),
            LabelKind::Box => $this->boxes($yard),
            LabelKind::Bucket => $this->buckets(),
        };
    }

    public function one(LabelKind $kind, string $id): Label
    {
        $record = match ($kind) {
            LabelKind::Hive => Hive::query()->findOrFail($id),
            LabelKind::Box => Box::query()->findOrFail($id),
            LabelKind::Bucket => Bucket::query()->findOrFail($id),
        };

        return $this->label($kind, $record->id, $record->label(), '');
    }

    /** @return list<Label> */
    private function hives(?Apiary $yard): array
    {
        $labels = [];
        foreach ($yard === null ? $this->yards->apiaries() : [$yard] as $apiary) {
            $usual = FrameMarks::usualIn($apiary, Policy::at($this->current, $apiary)->frameMarks);
            foreach ($this->yards->hiveIds($apiary) as $code => $id) {
                $colour = FrameMarks::of($usual, (string) $code);
                $beside = $colour === '' ? $apiary->name : $apiary->name.', '.FrameMarks::choices()[$colour];
                $labels[] = $this->label(LabelKind::Hive, $id, (string) $code, $beside);
            }
        }

        return array_slice($labels, 0, self::MOST);
    }

    /** @return list<Label> */
    private function boxes(?Apiary $yard): array
    {
        $query = Box::query()->with('place.hive')->orderBy('mark');
        if ($yard !== null) {
            $hives = array_values($this->yards->hiveIds($yard));
            $query->whereHas('place', static fn ($place) => $place->whereIn('hive_id', $hives));
        }
        $labels = [];
        foreach ($query->limit(self::MOST)->get() as $box) {
            $labels[] = $this->label(LabelKind::Box, $box->id, $box->mark, $this->current->get()->name);
        }

        return $labels;
    }

    /** @return list<Label> of those that hold honey */
    private function buckets(): array
    {
        $labels = [];
        foreach (Bucket::query()->with('lot')->latest('id')->limit(self::MOST)->get() as $bucket) {
            $labels[] = $this->label(LabelKind::Bucket, $bucket->id, $bucket->label(), $bucket->lot->code);
        }

        return $labels;
    }

    private function label(LabelKind $kind, string $id, string $code, string $beside): Label
    {
        $operation = $this->current->get()->id;

        return new Label(route('field')."#/q/$operation/$kind->value/$id", $code, $beside);
    }
}
