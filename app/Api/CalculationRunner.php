<?php

declare(strict_types=1);

namespace App\Api;

use JsonException;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** The one way from a program's JSON to the core and back: the command and the API both go through it. */
final readonly class CalculationRunner
{
    private const MOST_BYTES = 4_000_000;

    public function __construct(private Registry $registry)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InputRefused when the name, the JSON or a value is not accepted
     */
    public function run(string $name, string $json): array
    {
        $calculation =
            $this->registry->get($name) ??
            throw new InputRefused("There is no computation \"$name\".", '', implode(', ', $this->registry->names()));
        $this->check($name, self::decode($json));
        /** @var array<string, mixed> $in */
        $in = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        try {
            return $calculation->run(Fields::of($in));
        } catch (InvalidInput $refusal) {
            throw new InputRefused($refusal->getMessage(), $refusal->pointer, $refusal->allowed);
        }
    }

    private static function decode(string $json): stdClass
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw new InputRefused('The input is larger than 4 MB.', '', 'at most 4 MB');
        }
        try {
            $data = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $bad) {
            throw new InputRefused('This is not JSON: '.$bad->getMessage().'.', '', 'one JSON object');
        }

        return $data instanceof stdClass
            ? $data
            : throw new InputRefused('The input is not a JSON object.', '', 'one JSON object');
    }

    private function check(string $name, stdClass $data): void
    {
        $schema = json_decode((string) json_encode($this->registry->input($name)), false);
        assert($schema instanceof stdClass);
        $validator = new Validator;
        $validator->setStopAtFirstError(true);
        $error = $validator->validate($data, $schema)->error();
        if ($error !== null) {
            throw self::refusal(self::deepest($error));
        }
    }

    /** The cause, not the branch it lies in; of alternatives the one that got furthest. */
    private static function deepest(ValidationError $error): ValidationError
    {
        $best = $error;
        foreach ($error->subErrors() as $sub) {
            $deep = self::deepest($sub);
            if ($best === $error || count($deep->data()->fullPath()) > count($best->data()->fullPath())) {
                $best = $deep;
            }
        }

        return $best;
    }

    private static function refusal(ValidationError $error): InputRefused
    {
        $args = $error->args();
        $path = $error->data()->fullPath();
        $schema = $error->schema()->info()->data();
        $list = static fn (mixed $of): string => implode(
            ', ',
            array_map(
                static fn (mixed $one): string => is_scalar($one) ? (string) $one : (string) json_encode($one),
                is_array($of) ? $of : [$of],
            ),
        );
        [$message, $allowed] = match ($error->keyword()) {
            'additionalProperties' => [
                'Unknown key '.$list($args['properties'] ?? []).'.',
                is_object($schema) && isset($schema->properties)
                    ? $list(array_keys((array) $schema->properties))
                    : 'no other keys',
            ],
            'required' => ['Missing key '.$list($args['missing'] ?? '').'.', 'the key must be given'],
            'type' => ['Wrong type '.$list($args['type'] ?? '').'.', $list($args['expected'] ?? '')],
            'enum', 'const' => [
                'Not one of the allowed values.',
                is_object($schema) && isset($schema->enum) ? $list($schema->enum) : '',
            ],
            'minimum', 'maximum', 'exclusiveMinimum' => [
                'The value is out of range.',
                is_object($schema) ? self::range($schema) : '',
            ],
            'minItems', 'maxItems' => [
                'Wrong number of items.',
                ($args['min'] ?? null) !== null
                    ? 'at least '.$list($args['min'])
                    : 'at most '.$list($args['max'] ?? ''),
            ],
            default => [
                ucfirst($error->keyword()).' does not hold.',
                is_object($schema) && isset($schema->pattern) ? (string) $schema->pattern : '',
            ],
        };
        $key = match ($error->keyword()) {
            'additionalProperties' => is_array($args['properties'] ?? null) ? reset($args['properties']) : null,
            'required' => is_array($args['missing'] ?? null) ? reset($args['missing']) : $args['missing'] ?? null,
            default => null,
        };

        return new InputRefused(
            $message,
            implode(
                '',
                array_map(static fn (mixed $part): string => '/'.$part, is_scalar($key) ? [...$path, $key] : $path),
            ),
            $allowed,
        );
    }

    private static function range(object $schema): string
    {
        $lo = $schema->minimum ?? ($schema->exclusiveMinimum ?? null);
        $hi = $schema->maximum ?? null;

        return match (true) {
            $lo !== null && $hi !== null => "$lo to $hi",
            $lo !== null => (isset($schema->minimum) ? 'at least ' : 'above ').$lo,
            default => "at most $hi",
        };
    }
}
