<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Collection;

/**
 * Takes back the last write that a person made, reading the audit trail backwards: as a whole, and only while every
 * record is still as the write left it. If others have changed one since, it says so and changes nothing.
 */
final readonly class Undo
{
    /** How far back undo reaches, hours. */
    private const HOURS = 72;

    public function __construct(private SinceThen $since)
    {
    }

    /**
     * @return string what was taken back, in words
     *
     * @throws CannotUndo when there is nothing, or others have built on it
     */
    public function last(Authenticatable&Model $user): string
    {
        $newest = Activity::ofThisOperation()
            ->where('causer_id', $user->getKey())
            ->whereNull('undone_at')
            ->whereNotNull('batch_uuid')
            ->where('log_name', 'record')
            ->where('created_at', '>=', now()->subHours(self::HOURS))
            ->latest('id')
            // Of two requests at once, the second waits for the first.
            ->lockForUpdate()
            ->first() ?? throw new CannotUndo(__('Nothing is left to undo.'));
        /** @var Collection<int, Activity> $batch */
        $batch = Activity::ofThisOperation()
            ->where('batch_uuid', $newest->batch_uuid)
            ->with('subject')
            ->latest('id')
            ->get();
        $isOfAll = static fn (Activity $one): bool => $one->subject instanceof StandsForMany;
        $words = $this->words($batch->first($isOfAll) ?? $batch->first() ?? $newest);
        $this->since->check($batch);
        try {
            activity()->withoutLogs(fn () => $batch->each($this->takeBack(...)));
        } catch (UniqueConstraintViolationException) {
            throw new CannotUndo(__('Another record has that name or place now. Nothing was undone.'));
        }
        Activity::ofThisOperation()
            ->whereKey($batch->pluck('id')->all())
            ->update(['undone_at' => now()]);
        activity('undo')
            ->causedBy($user)
            ->withProperties(['batch' => $newest->batch_uuid])
            ->log('undo');

        return __('Undone: :what.', ['what' => $words]);
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
            $subject instanceof TakesBack => $subject->takeBack($change),
            ! $subject instanceof Record => null,
            $change->event === 'created', $change->event === 'restored' => $subject->delete(),
            $change->event === 'deleted' => $subject->restore(),
            $change->event === 'updated' => $subject->forceFill($change->old)->save(),
            default => null,
        };
    }
}
