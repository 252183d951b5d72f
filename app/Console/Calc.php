<?php

declare(strict_types=1);

namespace App\Console;

use App\Api\CalculationRunner;
use App\Api\InputRefused;
use App\Api\Registry;
use Illuminate\Console\Command;

/** Computations for programs: JSON in, JSON out, no database. */
final class Calc extends Command
{
    protected $signature = 'calc
        {name? : the computation}
        {--in= : a file instead of standard input}
        {--list : the names}
        {--schema : JSON Schema of input and output; of all computations where none is named}';

    protected $description = 'Run one computation: JSON from standard input to standard output';

    public function handle(CalculationRunner $door, Registry $registry): int
    {
        if ($this->option('list') === true) {
            $this->output->writeln($registry->names(), \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        try {
            $name = $this->argument('name');
            if ($name === null && $this->option('schema') === true) {
                $this->print($registry->bundle());

                return self::SUCCESS;
            }
            if (! is_string($name) || $registry->get($name) === null) {
                throw new InputRefused('There is no such computation.', '', implode(', ', $registry->names()));
            }
            $this->print(
                $this->option('schema') === true ? $registry->schema($name) : $door->run($name, $this->read()),
            );

            return self::SUCCESS;
        } catch (InputRefused $refusal) {
            fwrite(STDERR, json_encode($refusal->toArray(), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n");

            return 2;
        }
    }

    private function read(): string
    {
        $file = $this->option('in');
        if (is_string($file) && $file !== '') {
            return is_file($file) && is_readable($file)
                ? (string) file_get_contents($file)
                : throw new InputRefused("The file $file cannot be read.", '', 'a readable file');
        }

        return (string) stream_get_contents(STDIN);
    }

    /** @param  array<string, mixed>  $out */
    private function print(array $out): void
    {
        $this->output->writeln(
            json_encode(
                $out,
                JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
            ),
            \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
        );
    }
}
