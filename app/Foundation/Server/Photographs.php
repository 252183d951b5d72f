<?php

declare(strict_types=1);

namespace App\Foundation\Server;

use GdImage;
use Illuminate\Support\Facades\DB;

/**
 * The store of photographs. Each is kept once, named by the SHA-256 of its bytes, and is never changed. What comes in
 * is decoded and encoded again, so that nothing but the picture is kept: no place, no time, no device, no other file.
 */
final class Photographs
{
    /** A phone's photograph has fewer bytes than this. */
    public const MOST_BYTES = 8_000_000;

    /** Decoding takes four bytes a pixel. */
    private const MOST_PIXELS = 25_000_000;

    private const MOST_SIDE = 2048;

    private const QUALITY = 88;

    /** Turns, in degrees against the clock, by the orientation that a camera notes (EXIF 2.32, tag 0x0112). */
    private const TURNS = [3 => 180, 6 => -90, 8 => 90];

    /** @return ?string the picture alone as JPEG, upright; null where it is no JPEG that can be decoded */
    public static function cleaned(string $bytes): ?string
    {
        $size = strlen($bytes) > self::MOST_BYTES ? false : @getimagesizefromstring($bytes);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG || $size[0] * $size[1] > self::MOST_PIXELS) {
            return null;
        }
        $picture = @imagecreatefromstring($bytes);
        if ($picture === false) {
            return null;
        }
        $picture = self::scaled(self::upright($picture, $bytes));
        ob_start();
        imagejpeg($picture, null, self::QUALITY);

        return ob_get_clean() ?: null;
    }

    /** @return string the name of what is stored */
    public static function store(string $jpeg): string
    {
        $sha256 = hash('sha256', $jpeg);
        DB::table('photographs')->insertOrIgnore(['sha256' => $sha256, 'jpeg' => $jpeg]);

        return $sha256;
    }

    public static function read(string $sha256): ?string
    {
        $jpeg = DB::table('photographs')->where('sha256', $sha256)->value('jpeg');

        return is_string($jpeg) ? $jpeg : null;
    }

    /** Deletes photographs without a note, a day after they came: a new one may not have its note yet. */
    public static function forgetUnused(): int
    {
        return DB::table('photographs')
            ->where('created_at', '<', now()->subDay())
            ->whereNotIn('sha256', DB::table('hive_photos')->select('sha256'))
            ->delete();
    }

    private static function upright(GdImage $picture, string $bytes): GdImage
    {
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return $picture;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $noted = @exif_read_data($stream);
        $turn = self::TURNS[is_array($noted) ? (int) ($noted['Orientation'] ?? 1) : 1] ?? 0;

        return $turn === 0 ? $picture : (imagerotate($picture, $turn, 0) ?: $picture);
    }

    private static function scaled(GdImage $picture): GdImage
    {
        $longest = max(imagesx($picture), imagesy($picture));
        if ($longest <= self::MOST_SIDE) {
            return $picture;
        }

        return imagescale($picture, (int) round(imagesx($picture) * self::MOST_SIDE / $longest)) ?: $picture;
    }
}
