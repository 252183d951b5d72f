<?php

declare(strict_types=1);

namespace App\Console;

use App\Devices\SimulatedHive;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Http;

/** The stand-in for a scale under a hive: it sends its readings to the address that a real one would send to. */
final class DeviceHiveScale extends Command
{
    protected $signature = 'device:hive-scale
        {address : where the application is, such as http://127.0.0.1:8470}
        {scale : the id of the scale}
        {--token= : its secret; else that in MARJORAM_SCALE_TOKEN}
        {--days=30 : so many days are sent where none is known yet}
        {--every=15 : minutes between readings}
        {--skew=0 : seconds by which its clock is before the application\'s}
        {--seed=40826}';

    protected $description = 'Send the readings of a simulated hive scale, from where the application knows them on';

    private const AT_ONCE = 500;

    public function handle(): int
    {
        $door = rtrim((string) $this->argument('address'), '/').'/api/v1/scales/'.$this->argument('scale');
        $token = $this->option('token') ?? getenv('MARJORAM_SCALE_TOKEN');
        $http = Http::withToken(is_string($token) ? $token : '')->acceptJson()->timeout(20)->withoutRedirecting();
        $known = $http->get($door);
        if (! $known->successful()) {
            $this->error('The scale is not let in: '.$known->status().' '.$known->json('message'));

            return self::FAILURE;
        }
        $now = new DateTimeImmutable((string) $known->json('now'));
        $last = $known->json('last_at');
        $days = max(1, (int) $this->option('days'));
        $from = $now->modify("-$days days")->setTime(0, 0);
        $since = is_string($last) ? new DateTimeImmutable($last) : $from;
        $skew = (int) $this->option('skew');
        $batch = [];
        $sent = 0;
        $hive = new SimulatedHive((int) $this->option('seed'));
        // From its first day on, so that it goes on where it stood; what is known already is not sent.
        foreach ($hive->readings(min($from, $since), $now, max(1, (int) $this->option('every'))) as $at => $kg) {
            if ($at > $since->getTimestamp()) {
                $batch[] = ['at' => gmdate('Y-m-d\TH:i:s\Z', $at + $skew), 'kg' => $kg];
            }
            if (count($batch) >= self::AT_ONCE) {
                $sent += $this->send($http, $door, $batch, $now->modify("+$skew seconds"));
                $batch = [];
            }
        }
        $sent += $batch === [] ? 0 : $this->send($http, $door, $batch, $now->modify("+$skew seconds"));
        $this->line("$sent readings were taken.");

        return self::SUCCESS;
    }

    /** @param  list<array{at: string, kg: float}>  $readings */
    private function send(
        \Illuminate\Http\Client\PendingRequest $http,
        string $door,
        array $readings,
        DateTimeImmutable $sentAt,
    ): int {
        $answer = $http->post("$door/readings", ['readings' => $readings, 'sent_at' => $sentAt->format('c')])->throw();
        $refused = (array) $answer->json('refused');
        if ($refused !== []) {
            $this->warn(count($refused).' were refused: '.json_encode($refused[0]));
        }

        return (int) $answer->json('accepted');
    }
}
