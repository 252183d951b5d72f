<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Activity;
use App\Models\Operation;
use App\Models\Record;
use App\Models\User;
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
    public function last(User $user): array
    {
        $newest = Activity::ofThisOperation()->where('causer_id', $user->id)->whereNull('undone_at')->whereNotNull('batch_uuid')->where('log_name', 'record')
            ->where('created_at', '>=', now()->subHours(self::HOURS))->with('subject')->latest('id')->first();
        if ($newest === null) {
            return [false, __('There is nothing to undo.')];
        }
        /** @var Collection<int, Activity> $batch */
        $batch = Activity::ofThisOperation()->where('batch_uuid', $newest->batch_uuid)->with('subject')->latest('id')->get();
        activity()->withoutLogs(fn () => $batch->each($this->takeBack(...)));
        Activity::ofThisOperation()->whereKey($batch->pluck('id')->all())->update(['undone_at' => now()]);
        activity('undo')->causedBy($user)->withProperties(['batch' => $newest->batch_uuid])->log('undo');

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

    private function takeBack(Activity $activity): void
    {
        $subject = $activity->subject;
        if ($subject instanceof Operation) {
            $this->revertOperation($subject, $activity);
        }
        if (! $subject instanceof Record) {
            return;
        }
        match ($activity->event) {
            'created', 'restored' => $subject->delete(),
            'deleted' => $subject->restore(),
            'updated' => $this->revert($subject, $activity),
            default => null,
        };
    }

    /** A policy goes back as a newer version, so that verdicts keep naming the one they were made by. */
    private function revertOperation(Operation $operation, Activity $activity): void
    {
        [$old, $new] = self::change($activity);
        if ($activity->event === 'policy' && $operation->policy == $new) {
            $operation->update(['policy' => $old, 'policy_version' => $operation->policy_version + 1]);
        } elseif ($activity->event === 'settings') {
            $operation->update(self::stillSo($operation, $old, $new));
        }
    }

    private function revert(Record $subject, Activity $activity): void
    {
        [$old, $new] = self::change($activity);
        $subject->forceFill(self::stillSo($subject, $old, $new))->save();
    }

    /** @return array{array<string, mixed>, array<string, mixed>} before and after */
    private static function change(Activity $activity): array
    {
        /** @var array<string, mixed> $old */
        $old = $activity->properties?->get('old', []) ?? [];
        /** @var array<string, mixed> $new */
        $new = $activity->properties?->get('attributes', []) ?? [];

        return [$old, $new];
    }

    /**
     * Only the values that are still as this change left them go back.
     *
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     * @return array<string, mixed>
     */
    private static function stillSo(Model $subject, array $old, array $new): array
    {
        $now = $subject->attributesToArray();

        return array_filter($old, static fn (string $key): bool => ($now[$key] ?? null) == ($new[$key] ?? null), ARRAY_FILTER_USE_KEY);
    }
}
