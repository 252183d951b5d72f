<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;

/**
 * Takes back the last batch of changes that a person made, reading the audit trail backwards. What someone
 * else changed since is not overwritten.
 */
final class Undo
{
    /** How far back undo reaches, hours. */
    private const HOURS = 72;

    /** @return array{bool, string} whether something was taken back, and the words to say */
    public function last(Authenticatable&Model $user): array
    {
        $newest = Activity::ofThisOperation()
            ->where('causer_id', $user->getKey())
            ->whereNull('undone_at')
            ->whereNotNull('batch_uuid')
            ->where('log_name', 'record')
            ->where('created_at', '>=', now()->subHours(self::HOURS))
            ->with('subject')
            ->latest('id')
            ->first();
        if ($newest === null) {
            return [false, __('There is nothing to undo.')];
        }
        /** @var Collection<int, Activity> $batch */
        $batch = Activity::ofThisOperation()
            ->where('batch_uuid', $newest->batch_uuid)
            ->with('subject')
            ->latest('id')
            ->get();
        activity()->withoutLogs(fn () => $batch->each($this->takeBack(...)));
        Activity::ofThisOperation()
            ->whereKey($batch->pluck('id')->all())
            ->update(['undone_at' => now()]);
        activity('undo')
            ->causedBy($user)
            ->withProperties(['batch' => $newest->batch_uuid])
            ->log('undo');

        return [true, __('Undone: :what.', ['what' => $this->words($newest)])];
    }

    public function words(Activity $activity): string
    {
        $subject = $activity->subject;
        $label = $subject instanceof Record ? $subject->label() : __('record');

        return match ($activity->event) {
            'created' => __(':what added', ['what' => $label]),
            'deleted' => __(':what removed', ['what' => $label]),
            'restored' => __(':what brought back', ['what' => $label]),
            'policy' => __('policy changed'),
            'settings' => __('operation changed'),
            default => __(':what changed', ['what' => $label]),
        };
    }

    private function takeBack(Activity $line): void
    {
        $subject = $line->subject;
        $change = Change::of($line);
        match (true) {
            $subject instanceof TakesBack => self::giveBack($subject, $change),
            ! $subject instanceof Record => null,
            $change->event === 'created', $change->event === 'restored' => $subject->delete(),
            $change->event === 'deleted' => $subject->restore(),
            $change->event === 'updated' => $subject->forceFill($change->stillStanding($subject))->save(),
            default => null,
        };
    }

    private static function giveBack(TakesBack $subject, Change $change): void
    {
        $subject->takeBack($change);
    }
}
