<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

/** A device or service played by this machine: a small endpoint on the loopback address alone. */
abstract class StandIn extends Command
{
    /** So many ports are tried, from the one that is asked for. */
    private const PORTS = 200;

    /**
     * Answers until it is ended, or so often. With --port-file the port of the last start is tried first, then others
     * from --port on; the one that is had is written into the file after it is bound, so that two installations that
     * start together never name the same.
     *
     * @param  callable(string, array<string, string>): ?array<string, mixed>  $answer  path and query to JSON; null is
     * not found
     */
    protected function serve(callable $answer): int
    {
        $times = (int) $this->option('answers');
        $server = $this->bound();
        if ($server === null) {
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

    /** @return resource|null */
    private function bound()
    {
        $file = $this->option('port-file');
        $first = (int) $this->option('port');
        $ports = [$first];
        if (is_string($file)) {
            $last = (int) @file_get_contents($file);
            $ports = [...($last > 0 ? [$last] : []), ...range($first, $first + self::PORTS)];
        }
        foreach ($ports as $port) {
            $server = @stream_socket_server("tcp://127.0.0.1:$port", $code, $why);
            if ($server !== false) {
                if (is_string($file)) {
                    file_put_contents("$file.new", (string) $port);
                    rename("$file.new", $file);
                }

                return $server;
            }
        }
        $this->error("The port cannot be had: $why");

        return null;
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
