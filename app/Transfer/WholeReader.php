<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Server\Photographs;
use Generator;
use Illuminate\Support\Facades\DB;
use PDO;

/** All that an operation has, row by row, with what lies in its bin. */
final readonly class WholeReader
{
    public const FORMAT = 'marjoram-operation';

    /** 2: photographs are files of the ZIP, named by their hash; texts of its tables are guarded against formulas. */
    public const VERSION = 2;

    public const READ = [1, 2];

    public const MOST_ROWS = 500_000;

    /** Of the operation itself: what its people, its secrets and its history are stays behind. */
    private const NOT_SETTINGS = [
        'id',
        'created_at',
        'updated_at',
        'imported_at',
        'version',
        'room_sensor',
        'bench_scale',
    ];

    public function __construct(private CurrentOperation $current)
    {
    }

    /** @return array<string, string|int|float|null> as the database has them */
    public function settings(): array
    {
        $row = (array) DB::table('operations')->where('id', $this->current->get()->id)->first();
        $settings = [];
        foreach (array_diff_key($row, array_flip(self::NOT_SETTINGS)) as $name => $value) {
            if (! str_ends_with((string) $name, '_hash') && (is_scalar($value) || $value === null)) {
                $settings[(string) $name] = is_bool($value) ? (int) $value : $value;
            }
        }

        return $settings;
    }

    /** @return Generator<int, array<string, string|int|float|bool|null>> by column */
    public function rows(WholeTable $table): Generator
    {
        $names = $table->names();
        $columns = implode(', ', array_map(static fn (string $name): string => "t.`$name`", $names));
        $sql = $table->hasId()
            ? "select $columns from `$table->name` t where t.operation_id = ? order by t.id"
            : "select $columns from `$table->name` t join `{$table->parent()}` p on p.id = t.`{$table->link()}`"
                ." where p.operation_id = ? order by $table->order";
        $statement = DB::connection()->getPdo()->prepare($sql);
        $statement->execute([$this->current->get()->id]);
        while (is_array($row = $statement->fetch(PDO::FETCH_ASSOC))) {
            $out = [];
            foreach ($table->columns as $column) {
                $out[$column->name] = $column->out($row[$column->name]);
            }
            yield $out;
        }
    }

    /** @return Generator<string, string> JPEG by hash, one at a time */
    public function photographs(): Generator
    {
        $names = DB::table('hive_photos')
            ->join('hive_notes', 'hive_notes.id', '=', 'hive_photos.hive_note_id')
            ->where('hive_notes.operation_id', $this->current->get()->id)
            ->distinct()
            ->orderBy('hive_photos.sha256')
            ->pluck('hive_photos.sha256');
        foreach ($names as $name) {
            $jpeg = Photographs::read((string) $name);
            if ($jpeg !== null) {
                yield (string) $name => $jpeg;
            }
        }
    }
}
