<?php

declare(strict_types=1);

namespace App\Pages\Account;

/**
 * The passwords that are tried first: some 49,000 common ones, from the dictionary of a package of the npm registry
 * (@zxcvbn-ts/language-common, MIT), taken over when the scripts are built; and words of this trade.
 */
final class CommonPasswords
{
    private const FILE = 'build/passwords.txt';

    /** What a beekeeper would choose first, in the languages of this installation's places (from memory). */
    private const OF_THE_TRADE = [
        'apiary',
        'apiculteur',
        'apiculture',
        'beehive',
        'beehives',
        'beekeeper',
        'beekeeping',
        'biodling',
        'bumblebee',
        'honeybee',
        'honeybees',
        'imkerei',
        'marjoram',
        'queenbee',
    ];

    /** @param  list<string>  $words  in small letters */
    public static function holdAnyOf(array $words): bool
    {
        $path = public_path(self::FILE);
        $list = is_file($path) ? (string) file_get_contents($path) : '';
        foreach ($words as $word) {
            if (in_array($word, self::OF_THE_TRADE, true) || ($word !== '' && str_contains($list, "\n$word\n"))) {
                return true;
            }
        }

        return false;
    }
}
