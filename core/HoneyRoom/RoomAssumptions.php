<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** What is taken for granted in a honey room where nobody has read or weighed (common practice). */
final readonly class RoomAssumptions
{
    /**
     * @param  float  $waterPct  of honey that was not read
     * @param  float  $extractingC  of combs in a heated room
     * @param  float  $warmRoomC  of a warm room with a dehumidifier
     * @param  float  $humidityPct  of its air
     * @param  float  $incomingC  of honey as it comes from the yard
     * @param  float  $thickPct  honey as dry as that is warmed, not dried
     * @param  float  $bucketKg  in a full bucket
     * @param  float  $bucketTareShare  weight of an empty bucket, of what it holds, where nobody weighed one (common
     *                                  practice: 0.6 kg for 12.5 kg, 1.2 kg for 30 kg)
     * @param  float  $instrumentSdPct  error of a refractometer that all its readings share
     * @param  float  $readingSdPct  error of one reading
     */
    public function __construct(
        public float $waterPct = 17.5,
        public float $extractingC = 28.0,
        public float $warmRoomC = 30.0,
        public float $humidityPct = 40.0,
        public float $incomingC = 20.0,
        public float $thickPct = 15.5,
        public float $bucketKg = 27.0,
        public float $bucketTareShare = 0.045,
        public float $instrumentSdPct = 0.2,
        public float $readingSdPct = 0.2,
    ) {
    }

    /** Spread (%) of a blend's water: the instrument's error stays, those of the readings even out. */
    public function blendSdPct(BlendResult $blend): float
    {
        $own = array_sum(array_map(
            fn (WetBucket $one): float => ($one->kg / max(1e-9, $blend->kg) * $this->readingSdPct) ** 2,
            $blend->take,
        ));

        return sqrt($this->instrumentSdPct ** 2 + $own);
    }
}
