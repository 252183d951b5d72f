<?php

declare(strict_types=1);

namespace App\HoneyRoom\WarmRoom;

use App\Devices\HttpRefractometer;
use App\Devices\Unreachable;
use App\Models\Instrument;
use App\Wording\Wording;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\Refractometry;

/** A refractometer that can be read, with the offset of its last check. */
final readonly class RoomRefractometer
{
    public function __construct(private Wording $say)
    {
    }

    /** @throws ValidationException where it cannot be read, or says what no honey has */
    public function waterPct(string $instrumentId): float
    {
        $instrument = Instrument::query()->whereKey($instrumentId)->whereNotNull('address')->first()
            ?? throw self::refused(__('This instrument cannot be read by the application.'));
        try {
            $given = (new HttpRefractometer((string) $instrument->address))->read();

            return (new Refractometry)->convert(new Reading(
                $given->scale,
                $given->value,
                $given->temperatureC,
                $given->compensated,
                $instrument->offset,
            ))->waterPct;
        } catch (Unreachable $silence) {
            throw self::refused($silence->getMessage());
        } catch (InvalidInput $refusal) {
            throw self::refused($this->say->refusal($refusal));
        }
    }

    private static function refused(string $words): ValidationException
    {
        return ValidationException::withMessages(['water' => $words]);
    }
}
