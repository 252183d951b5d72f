<?php

declare(strict_types=1);

namespace App\Devices;

use GuzzleHttp\Psr7\DroppingStream;
use GuzzleHttp\Psr7\Utils;
use Illuminate\Http\Client\HttpClientException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use RuntimeException;

/**
 * One question to a device or service by HTTP: two seconds, no redirects, 64 KB at most, and to no other machine than
 * the installation allows. Whatever goes wrong is the same to whoever asked: no address can be felt out by it.
 */
final readonly class DeviceCall
{
    private const SECONDS = 2;

    private const MOST_BYTES = 65536;

    /** A turn that was never given back ends by itself. */
    private const MOST_SECONDS = 10;

    public function __construct(private ?AllowedAddress $allowed = null)
    {
    }

    /**
     * @param  array<string, string|int|float>  $query
     * @return array<array-key, mixed>|null null where there was no answer that makes sense
     *
     * @throws Unreachable when the person asks a second time before the first is answered
     */
    public function json(DeviceAddress $to, string $path, array $query = []): ?array
    {
        $turn = Cache::lock('device-call.'.(Auth::id() ?? 'nobody'), self::MOST_SECONDS);
        if (! $turn->get()) {
            throw new Unreachable(__('The previous request is still running. Try again in a moment.'));
        }
        try {
            return $this->ask($to, $path, $query);
        } finally {
            $turn->release();
        }
    }

    /**
     * @param  array<string, string|int|float>  $query
     * @return array<array-key, mixed>|null
     */
    private function ask(DeviceAddress $to, string $path, array $query): ?array
    {
        $pinned = $this->pinned($to);
        if ($pinned === null) {
            return null;
        }
        // Takes no more than its size: the transfer of a larger answer is broken off.
        $body = new DroppingStream(Utils::streamFor(fopen('php://temp', 'w+b') ?: ''), self::MOST_BYTES);
        try {
            $answer = Http::timeout(self::SECONDS)
                ->connectTimeout(self::SECONDS)
                ->withoutRedirecting()
                ->withOptions(['sink' => $body, 'curl' => $pinned])
                ->acceptJson()
                ->get($to->url.$path, $query);
            $text = $answer->body();
        } catch (HttpClientException|RuntimeException) {
            return null;
        }
        $given = $answer->status() === 200 && strlen($text) < self::MOST_BYTES ? json_decode($text, true) : null;

        return is_array($given) ? $given : null;
    }

    /** @return array<int, mixed>|null what makes the call go to the address that was checked; null where it may not */
    private function pinned(DeviceAddress $to): ?array
    {
        if ($to->isTrusted) {
            return $to->url === '' ? null : [];
        }
        $ip = ($this->allowed ?? AllowedAddress::configured())->ipOf($to->url);
        $host = parse_url($to->url, PHP_URL_HOST);

        return $ip === null || ! is_string($host)
            ? null
            : [CURLOPT_RESOLVE => [trim($host, '[]').':'.AllowedAddress::port($to->url).':'.$ip], CURLOPT_PROXY => ''];
    }
}
