<?php

declare(strict_types=1);

namespace App\Api;

/**
 * The computations by name, each with its schema of input and output in schemas/; what several of them take is
 * defined once, in shared.json.
 */
final class Registry
{
    private const DIALECT = 'https://json-schema.org/draft/2020-12/schema';

    /** @var array<string, class-string<Calculation>> */
    private const ALL = [
        'allot' => Calculations\AllotCalculation::class,
        'blend' => Calculations\BlendCalculation::class,
        'clearing' => Calculations\ClearingCalculation::class,
        'comb' => Calculations\CombCalculation::class,
        'drying' => Calculations\DryingCalculation::class,
        'flow' => Calculations\FlowCalculation::class,
        'jars' => Calculations\JarsCalculation::class,
        'lift' => Calculations\LiftCalculation::class,
        'loads' => Calculations\LoadsCalculation::class,
        'moisture' => Calculations\MoistureCalculation::class,
        'prepack' => Calculations\PrepackCalculation::class,
        'reserve' => Calculations\ReserveCalculation::class,
        'ripeness' => Calculations\RipenessCalculation::class,
        'rotor' => Calculations\RotorCalculation::class,
        'rounds' => Calculations\RoundsCalculation::class,
        'settle' => Calculations\SettleCalculation::class,
        'spin' => Calculations\SpinCalculation::class,
        'viscosity' => Calculations\ViscosityCalculation::class,
        'wax' => Calculations\WaxCalculation::class,
        'yields' => Calculations\YieldsCalculation::class,
    ];

    /** @return list<string> */
    public function names(): array
    {
        return array_keys(self::ALL);
    }

    public function get(string $name): ?Calculation
    {
        $class = self::ALL[$name] ?? null;

        return $class === null ? null : new $class;
    }

    /** @return array<string, mixed> the JSON Schema of a computation's input alone, which each call is held against */
    public function input(string $name): array
    {
        return self::whole(self::read($name)['input']);
    }

    /** @return array<string, mixed> name, description, and a JSON Schema each of `input` and `output` */
    public function schema(string $name): array
    {
        $schema = self::read($name);

        return [...$schema, 'input' => self::whole($schema['input']), 'output' => self::whole($schema['output'])];
    }

    /** @return array<string, mixed> a JSON Schema of them all: "comb.input", "comb.output" among its `$defs` */
    public function bundle(): array
    {
        $defs = self::read('shared');
        foreach ($this->names() as $name) {
            $schema = self::read($name);
            $defs["$name.input"] = ['description' => $schema['description']] + $schema['input'];
            $defs["$name.output"] = $schema['output'];
        }

        return ['$schema' => self::DIALECT, '$defs' => $defs];
    }

    /**
     * The shared definitions that it names, and those that these name, stand in it.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function whole(array $schema): array
    {
        $shared = self::read('shared');
        $used = [];
        $unread = [$schema];
        while ($unread !== []) {
            preg_match_all('~#/\$defs/(\w+)~', (string) json_encode(array_pop($unread), JSON_UNESCAPED_SLASHES), $names);
            foreach (array_diff($names[1], array_keys($used)) as $name) {
                $unread[] = $used[$name] = $shared[$name];
            }
        }

        return ['$schema' => self::DIALECT] + $schema + ($used === [] ? [] : ['$defs' => $used]);
    }

    /** @return array<string, mixed> */
    private static function read(string $name): array
    {
        /** @var array<string, mixed> */
        return json_decode(
            (string) file_get_contents(__DIR__."/schemas/$name.json"),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }
}
