<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** Why a verdict is what it is; each with a sentence, its %s filled with figures by the result. */
enum Reason: string
{
    case Brood = 'There is brood on a frame of this super.';
    case PolicyMet = 'The policy is met with a probability of %s %%; %s %% was asked for.';
    case PolicyOpen = 'Whether the policy is met is open: %s %%; it takes %s %% to decide.';
    case PolicyNotMet = 'The policy is met with a probability of only %s %%; %s %% was asked for.';
    case CappedShare = 'Of the honey %s %% is capped (standard deviation %s); the policy asks for %s %%.';
    case WaterMeasured = 'Water measured: %s %% (standard deviation %s); at most %s %% is wanted.';
    case WaterPresumed = 'Water presumed from the capping, no reading: %s %% (standard deviation %s); at most %s %% is wanted.';
    case FramesPresumed = '%s of %s frames were not looked at and are presumed.';
    case FramesGlanced = '%s frames were not pulled, but taken as like another; they count as less sure.';
    case UnderCapped = 'Presumed, not seen: a super above it is capped, so more capping is expected here.';
    case CanDry = 'At most %s %% water and near the capping asked for: the drying room can do the rest.';
    case FlowOn = 'The flow is not over: the bees are still filling and capping.';
    case SomeFramesRipe = '%s frames are ripe by themselves and can be gathered; the rest stays.';
    case NoHoney = 'There is no honey in the frames seen.';

    public function sentence(string ...$figures): string
    {
        return vsprintf($this->value, $figures);
    }
}
