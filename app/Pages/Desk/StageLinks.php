<?php

declare(strict_types=1);

namespace App\Pages\Desk;

/** Where the tabs and the strip of yards lead from a stage. */
final class StageLinks
{
    /** Stages whose pages are of all yards, told apart by a query. */
    private const WHOLE = ['honey-room', 'compare'];

    /** @return array<string, string> their names in the order of the harvest */
    public static function names(): array
    {
        /** @var array<string, string> */
        return config('stages.names');
    }

    /** A stage, at the yard that is looked at. */
    public function stage(string $stage, ?string $yard): string
    {
        return $yard === null || in_array($stage, self::WHOLE, true)
            ? route("$stage.index")
            : route("$stage.yard", $yard);
    }

    /** All yards in the stage that is looked at. */
    public function all(?string $stage): string
    {
        return $stage === 'desk' ? route('desk') : route(self::known($stage).'.index');
    }

    /** A yard in the stage that is looked at. */
    public function yard(?string $stage, string $slug): string
    {
        return match (true) {
            $stage === 'desk', $stage === null => route('assess.yard', $slug),
            in_array($stage, self::WHOLE, true) => route("$stage.index", ['yard' => $slug]),
            default => route(self::known($stage).'.yard', $slug),
        };
    }

    private static function known(?string $stage): string
    {
        return $stage === 'yards' || array_key_exists((string) $stage, self::names()) ? (string) $stage : 'watch';
    }
}
