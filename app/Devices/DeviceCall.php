<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\RequestException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;

/**
 * One question to a device or service by HTTP: two seconds, no redirects, 64 KB at most. Whatever goes wrong is the
 * same to whoever asked: no address can be felt out by it.
 */
final readonly class DeviceCall
{
    private const SECONDS = 2;

    private const MOST_BYTES = 65536;

    /** A turn that was never given back ends by itself. */
    private const MOST_SECONDS = 10;

    /**
     * @param  array<string, string|int|float>  $query
     * @return array<array-key, mixed>|null null where there was no answer that makes sense
     *
     * @throws Unreachable when the person asks a second time before the first is answered
     */
    public function json(string $address, array $query = []): ?array
    {
        $turn = Cache::lock('device-call.'.(Auth::id() ?? 'nobody'), self::MOST_SECONDS);
        if (! $turn->get()) {
            throw new Unreachable(__('Your question before this one is still on its way. Ask again in a moment.'));
        }
        try {
            return $this->ask($address, $query);
        } finally {
            $turn->release();
        }
    }

    /**
     * @param  array<string, string|int|float>  $query
     * @return array<array-key, mixed>|null
     */
    private function ask(string $address, array $query): ?array
    {
        try {
            $answer = Http::timeout(self::SECONDS)
                ->connectTimeout(self::SECONDS)
                ->withoutRedirecting()
                ->withOptions(['stream' => true, 'read_timeout' => self::SECONDS])
                ->acceptJson()
                ->get($address, $query);
            $body = $answer->toPsrResponse()->getBody();
            if ($body->isSeekable()) {
                $body->rewind();
            }
            $text = '';
            while (! $body->eof() && strlen($text) <= self::MOST_BYTES) {
                $text .= $body->read(8192);
            }
        } catch (ConnectionException|RequestException|\RuntimeException) {
            return null;
        }
        $given = $answer->status() === 200 && strlen($text) <= self::MOST_BYTES ? json_decode($text, true) : null;

        return is_array($given) ? $given : null;
    }
}
