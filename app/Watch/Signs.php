<?php

declare(strict_types=1);

namespace App\Watch;

use Marjoram\Core\Flow\Sign;

/** The words of the signs. */
final class Signs
{
    public static function words(string $sign, ?string $result = null): string
    {
        return match ([$sign, $result]) {
            ['main-bloom', null] => __('main bloom'),
            ['main-bloom', 'finished'] => __('main bloom finished'),
            ['main-bloom', 'on'] => __('main bloom still on'),
            ['robbing-test', 'robbed'] => __('open honey set aside was robbed'),
            ['robbing-test', 'ignored'] => __('open honey set aside was ignored'),
            ['eating-capped', 'seen'] => __('bees open and eat capped honey'),
            ['new-wax', 'seen'] => __('new white wax is drawn'),
            ['shake', 'nectar'] => __('nectar rains from a shaken frame'),
            default => $sign,
        };
    }

    /** @return list<array{string, string, string}> sign, result, words */
    public static function all(): array
    {
        $all = [];
        foreach (Sign::cases() as $sign) {
            foreach (array_keys($sign->results()) as $result) {
                $all[] = [$sign->value, $result, self::words($sign->value, $result)];
            }
        }

        return $all;
    }
}
