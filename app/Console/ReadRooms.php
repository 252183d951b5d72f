<?php

declare(strict_types=1);

namespace App\Console;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Operation;
use App\Models\Station;
use App\Models\TakenSuper;
use App\Pages\HoneyRoom\WarmRoom\ReadRoom;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;

/** Notes the air of each warm room in which something stands. */
final class ReadRooms extends Command
{
    protected $signature = 'room:read';

    protected $description = 'Ask the sensors of the warm rooms';

    public function handle(CurrentOperation $current, ReadRoom $room): int
    {
        $operations = Operation::query()->whereNotNull('room_sensor')->where('room_sensor', '!=', '')->get();
        foreach ($operations as $operation) {
            $current->enter($operation, null);
            // A demo's day stands still: its air would be of one moment.
            $isUsed = TakenSuper::query()->where('station', Station::Dry)->exists();
            if ($isUsed && $operation->demo_today === null) {
                $this->read($operation, $current, $room);
            }
            $current->leave();
        }

        return self::SUCCESS;
    }

    private function read(Operation $operation, CurrentOperation $current, ReadRoom $room): void
    {
        try {
            activity()->withoutLogs(
                static fn () => $room->read($operation, $current->utc()),
            );
        } catch (ValidationException $silence) {
            $this->warn("$operation->name: {$silence->getMessage()}");
        }
    }
}
