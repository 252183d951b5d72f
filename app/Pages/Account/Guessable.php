<?php

declare(strict_types=1);

namespace App\Pages\Account;

use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * Refuses a password that is tried first: a common one (from a list that ships, as no service is asked), one of few
 * different characters, a run of the keyboard or the alphabet, or the person's own name or address.
 */
final class Guessable implements DataAwareRule, ValidationRule
{
    /** A password of fewer different characters is a pattern. */
    private const LEAST_DIFFERENT = 5;

    /** Figures and signs that stand for letters. */
    private const LETTERS = [
        '0' => 'o',
        '1' => 'i',
        '3' => 'e',
        '4' => 'a',
        '5' => 's',
        '7' => 't',
        '@' => 'a',
        '$' => 's',
    ];

    private const RUNS = [
        'abcdefghijklmnopqrstuvwxyz',
        'qwertyuiopasdfghjklzxcvbnm',
        'qwertzuiopasdfghjklyxcvbnm',
        'azertyuiopqsdfghjklmwxcvbn',
        '01234567890123456789',
        '1q2w3e4r5t6y7u8i9o0p',
    ];

    /** @var array<array-key, mixed> */
    private array $data = [];

    /** @param  array<array-key, mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $password = is_string($value) ? mb_strtolower($value) : '';
        $plain = self::plain($password);
        if (count(array_unique(mb_str_split($password))) < self::LEAST_DIFFERENT) {
            $fail(__('This password has too few different characters.'));
        } elseif (self::isRun($plain) || self::isCommon($password) || $this->isOwn($plain)) {
            $fail(__(
                'This password is easy to guess. Use four words that have nothing to do with each other.',
            ));
        }
    }

    private static function isRun(string $plain): bool
    {
        foreach (self::RUNS as $run) {
            if ($plain !== '' && (str_contains($run, $plain) || str_contains(strrev($run), $plain))) {
                return true;
            }
        }

        return preg_match('/^(.{1,5})\\1+$/u', $plain) === 1;
    }

    /** Also with figures, a year or signs after it, and with figures or signs for letters. */
    private static function isCommon(string $password): bool
    {
        $tries = [];
        foreach ([$password, preg_replace('/[^\p{L}]+$/u', '', $password) ?? ''] as $of) {
            $tries[] = self::plain($of);
            $tries[] = self::plain(strtr($of, self::LETTERS));
        }

        return CommonPasswords::holdAnyOf($tries);
    }

    private static function plain(string $password): string
    {
        return preg_replace('/[^\p{L}\p{N}]/u', '', $password) ?? '';
    }

    private function isOwn(string $plain): bool
    {
        $person = auth()->user();
        $given = [$this->data['name'] ?? '', $this->data['email'] ?? ''];
        foreach ($person === null ? $given : [...$given, $person->name, $person->email] as $own) {
            foreach (preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower(is_string($own) ? $own : '')) ?: [] as $word) {
                $isMost = mb_strlen($word) >= 4 && mb_strlen($word) >= 0.5 * mb_strlen($plain);
                if ($isMost && str_contains($plain, $word)) {
                    return true;
                }
            }
        }

        return false;
    }
}
