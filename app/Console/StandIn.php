<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

/** A device or service played by this machine: a small endpoint on the loopback address alone. */
abstract class StandIn extends Command
{
    /**
     * Answers until it is ended, or so often.
     *
     * @param  callable(string, array<string, string>): ?array<string, mixed>  $answer  path and query to JSON; null is
     * not found
     * @param  int  $times  0 for ever
     */
    protected function serve(int $port, callable $answer, int $times = 0): int
    {
        $server = @stream_socket_server("tcp://127.0.0.1:$port", $code, $why);
        if ($server === false) {
            $this->error("The port cannot be had: $why");

            return self::FAILURE;
        }
        $this->line(class_basename($this).' answers at http://'.stream_socket_get_name($server, false));
        for ($done = 0; $times === 0 || $done < $times;) {
            $client = @stream_socket_accept($server, 3600);
            if ($client === false) {
                continue;
            }
            stream_set_timeout($client, 2);
            $done += $this->answer($client, $answer) ? 1 : 0;
            fclose($client);
        }

        return self::SUCCESS;
    }

    /**
     * @param  resource  $client
     * @param  callable(string, array<string, string>): ?array<string, mixed>  $answer
     */
    private function answer($client, callable $answer): bool
    {
        $request = (string) fgets($client, 4096);
        while (($line = fgets($client, 4096)) !== false && trim($line) !== '');
        $url = preg_match('#^GET (\S+) #', $request, $found) === 1 ? $found[1] : '';
        parse_str((string) parse_url($url, PHP_URL_QUERY), $query);
        /** @var array<string, string> $given */
        $given = array_filter($query, is_string(...));
        $said = $answer((string) parse_url($url, PHP_URL_PATH), $given);
        $body = json_encode($said ?? ['error' => 'not found'], JSON_THROW_ON_ERROR);
        fwrite(
            $client,
            'HTTP/1.1 '.
                ($said === null ? '404 Not Found' : '200 OK').
                "\r\nContent-Type: application/json\r\nContent-Length: ".
                strlen($body).
                "\r\nConnection: close\r\n\r\n".
                $body,
        );

        return $said !== null;
    }
}
