<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Instrument;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Moisture\ConvertedReading;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\Refractometry;

/** One reading that the application asked of a refractometer, with the offset of its last check. */
final readonly class AskedInstrument
{
    private function __construct(
        public Instrument $instrument,
        public Reading $reading,
        public ConvertedReading $converted,
    ) {
    }

    /**
     * @throws ValidationException where it cannot be read
     * @throws InvalidInput where it says what no honey has
     */
    public static function ask(string $id): self
    {
        $instrument = Instrument::query()->whereKey($id)->whereNotNull('address')->first()
            ?? throw self::refused(__('This instrument cannot be read by the application.'));
        try {
            $given = (new HttpRefractometer((string) $instrument->address))->read();
        } catch (Unreachable $silence) {
            throw self::refused($silence->getMessage());
        }
        $reading = new Reading(
            $given->scale,
            $given->value,
            $given->temperatureC,
            $given->compensated,
            $instrument->offset,
        );

        return new self($instrument, $reading, (new Refractometry)->convert($reading));
    }

    private static function refused(string $words): ValidationException
    {
        return ValidationException::withMessages(['instrument' => $words]);
    }
}
