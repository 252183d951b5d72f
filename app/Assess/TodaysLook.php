<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Assessment;
use App\Models\Box;
use App\Support\CurrentOperation;
use DateTimeZone;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** The look at a box on the operation's day: found, or begun with what the last look of the same day had. */
final readonly class TodaysLook
{
    public function __construct(private CurrentOperation $current)
    {
    }

    /** @throws ValidationException when the box stands on no hive */
    public function of(Box $box): Assessment
    {
        $box->load('place');
        $hive = $box->place->hive_id ?? throw ValidationException::withMessages(['box' => __('Box :mark is in store since it left its hive; a look needs a box on a hive.', ['mark' => $box->mark])]);
        $utc = new DateTimeZone('UTC');
        $today = $this->current->today();
        $look = Assessment::query()->where('box_id', $box->id)->where('hive_id', $hive)->where('looked_at', '>=', $today->setTimezone($utc))
            ->where('looked_at', '<', $today->modify('+1 day')->setTimezone($utc))->latest('looked_at')->first();

        return $look ?? Assessment::query()->create(['hive_id' => $hive, 'box_id' => $box->id, 'user_id' => Auth::id(), 'looked_at' => $this->current->now()->setTimezone($utc)]);
    }
}
