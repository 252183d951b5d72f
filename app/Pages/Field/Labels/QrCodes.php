<?php

declare(strict_types=1);

namespace App\Pages\Field\Labels;

use RuntimeException;
use Symfony\Component\Process\Process;

/** QR codes as SVG, made by the build's own package at once for all. */
final class QrCodes
{
    private const SECONDS = 20;

    /**
     * @param  list<string>  $texts
     * @return list<string> SVG
     */
    public function of(array $texts): array
    {
        if ($texts === []) {
            return [];
        }
        $process = new Process(['node', resource_path('field/qr.mjs')], base_path(), timeout: self::SECONDS);
        $process->setInput((string) json_encode($texts, JSON_UNESCAPED_SLASHES));
        $process->run();
        $codes = json_decode($process->getOutput(), true);
        if (! $process->isSuccessful() || ! is_array($codes) || count($codes) !== count($texts)) {
            throw new RuntimeException('QR codes could not be made: '.$process->getErrorOutput());
        }

        return array_values(array_filter($codes, is_string(...)));
    }
}
