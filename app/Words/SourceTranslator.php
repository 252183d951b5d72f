<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Translation\Translator;

/**
 * Translates without asking the disk for each sentence: an English sentence is its own key, so what no language file
 * has is the sentence itself. Only keys such as `core.Verdict.take` are looked for in files.
 */
final class SourceTranslator extends Translator
{
    private const KEY_OF_A_FILE = '/^([\w-]+::)?[\w-]+\.[\w.:*-]+$/';

    /**
     * @param  string  $key
     * @param  array<string, mixed>  $replace
     * @param  string|null  $locale
     * @param  bool  $fallback
     * @return string|array<array-key, mixed>
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true): string|array
    {
        if (preg_match(self::KEY_OF_A_FILE, $key) === 1) {
            /** @var string|array<array-key, mixed> */
            return parent::get($key, $replace, $locale, $fallback);
        }
        $locale ??= $this->locale;
        $this->load('*', '*', $locale);
        $translated = $this->loaded['*']['*'][$locale][$key] ?? $key;

        return $this->makeReplacements(is_string($translated) ? $translated : $key, $replace);
    }
}
