<?php

declare(strict_types=1);

namespace App\Console\Trial;

use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use RuntimeException;

/** A person at a browser who sends each form until it is answered, as careful people do. */
final class Client
{
    private const PATIENCE_S = 90.0;

    private CookieJar $cookies;

    private string $token = '';

    public readonly Sent $sent;

    public function __construct(private readonly string $url, private readonly string $email)
    {
        $this->cookies = new CookieJar;
        $this->sent = new Sent;
    }

    public function signIn(string $password): void
    {
        $this->cookies = new CookieJar;
        $until = microtime(true) + self::PATIENCE_S;
        while (microtime(true) < $until) {
            $this->token = $this->tokenOf($this->ask('GET', '/sign-in'));
            $form = ['_token' => $this->token, 'email' => $this->email, 'password' => $password];
            $answer = $this->ask('POST', '/sign-in', $form);
            if ($answer?->status() === 302 && ! str_ends_with($answer->header('Location'), '/sign-in')) {
                $this->token = $this->tokenOf($this->ask('GET', '/account'));

                return;
            }
            usleep(500_000);
        }
        throw new RuntimeException("$this->email could not sign in.");
    }

    /**
     * Sends a form until it is answered for good.
     *
     * @param  array<string, string>  $form
     *
     * @throws RuntimeException when it is refused, or not answered within PATIENCE_S
     */
    public function write(string $path, array $form, string $password): void
    {
        $form['_key'] = (string) Str::ulid();
        $begun = microtime(true);
        while (microtime(true) - $begun < self::PATIENCE_S) {
            $answer = $this->ask('POST', $path, ['_token' => $this->token] + $form);
            $this->sent->longestWait = max($this->sent->longestWait, microtime(true) - $begun);
            $status = $answer?->status() ?? 0;
            if ($status === 419 || ($status === 302 && str_ends_with($answer?->header('Location') ?? '', '/sign-in'))) {
                $this->sent->signedOut++;
                $this->signIn($password);
            } elseif (in_array($status, [0, 502, 503, 504], true)) {
                $this->sent->putOff++;
                usleep(200_000);
            } elseif ($status >= 500) {
                $this->sent->failed++;
                usleep(200_000);
            } elseif ($status !== 303) {
                throw new RuntimeException("$path was refused with $status.");
            } else {
                return;
            }
        }
        throw new RuntimeException("$path was not answered within ".self::PATIENCE_S.' seconds.');
    }

    /** @param  array<string, string>  $form */
    private function ask(string $method, string $path, array $form = []): ?Response
    {
        try {
            return $this->request()->send($method, $this->url.$path, $form === [] ? [] : ['form_params' => $form]);
        } catch (ConnectionException) {
            return null;
        }
    }

    private function request(): PendingRequest
    {
        return Http::withOptions(['cookies' => $this->cookies, 'allow_redirects' => false, 'expect' => false])
            ->connectTimeout(2)
            ->timeout(20);
    }

    private function tokenOf(?Response $page): string
    {
        return preg_match('/name="_token"[^>]*value="([^"]+)"/', $page?->body() ?? '', $found) === 1 ? $found[1] : '';
    }
}
