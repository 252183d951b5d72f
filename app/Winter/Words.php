<?php

declare(strict_types=1);

namespace App\Winter;

/** The words for the choices of this stage. */
final class Words
{
    /** @return array<string, string> */
    public static function schools(): array
    {
        return ['computed' => __('reckoned by climate and strength'), 'full-super' => __('a full super at least'), 'box-rule' => __('a number of boxes by hand'), 'leave-all' => __('leave all, take the rest in spring')];
    }

    /** @return array<string, string> */
    public static function feeds(): array
    {
        return ['syrup-2-1' => __('syrup 2:1'), 'syrup-1-1' => __('syrup 1:1'), 'fondant' => __('fondant'), 'dry-sugar' => __('dry sugar'), 'honey-combs' => __('combs of honey')];
    }

    /** @return array<string, string> */
    public static function weighings(): array
    {
        return ['whole' => __('the whole hive at once'), 'both-sides' => __('one side, then the other'), 'one-side' => __('one side lifted twice')];
    }
}
