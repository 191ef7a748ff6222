<?php

declare(strict_types=1);

namespace App\Schema;

use JsonSchema\Constraints\Constraint;
use JsonSchema\Constraints\Factory;
use JsonSchema\DraftIdentifiers;
use JsonSchema\Validator;
use stdClass;

/** Holds a decoded JSON value against a JSON Schema and says, in plain words, what is wrong and where. */
final class SchemaCheck
{
    /**
     * Fills in the schema's defaults and checks the value.
     *
     * @param mixed                       $value  as json_decode() gives it, objects as stdClass; changed in place
     * @param object|array<string, mixed> $schema
     *
     * @return list<array{path: string, message: string}> every fault, in reading order; empty when all is well
     */
    public static function faults(mixed &$value, object|array $schema): array
    {
        $schemaObject = json_decode((string) json_encode($schema));
        self::fillDefaults($value, $schemaObject);
        $factory = new Factory();
        $factory->setDefaultDialect(DraftIdentifiers::DRAFT_7);
        $validator = new Validator($factory);
        $validator->validate($value, $schemaObject, Constraint::CHECK_MODE_NORMAL | Constraint::CHECK_MODE_STRICT);
        $faults = [];
        foreach ($validator->getErrors() as $error) {
            [$pointer, $message] = self::inPlainWords($error);
            $faults[$pointer . $message] = ['path' => $pointer, 'message' => $message];
        }

        return array_values($faults);
    }

    /** Sets what is missing and has a default. The validator does this for its oldest dialect only. */
    private static function fillDefaults(mixed $value, stdClass $schema): void
    {
        if (is_array($value) && isset($schema->items) && $schema->items instanceof stdClass) {
            foreach ($value as $item) {
                self::fillDefaults($item, $schema->items);
            }
        }
        if (!$value instanceof stdClass) {
            return;
        }
        foreach ((array) ($schema->properties ?? []) as $key => $property) {
            if (!property_exists($value, (string) $key) && property_exists($property, 'default')) {
                $value->{$key} = $property->default;
            }
            self::fillDefaults($value->{$key} ?? null, $property);
        }
    }

    /**
     * @param array<string, mixed> $error of the validator
     *
     * @return array{string, string} JSON pointer and message
     */
    private static function inPlainWords(array $error): array
    {
        $name = is_array($error['constraint']) ? $error['constraint']['name'] : (string) $error['constraint'];
        $params = is_array($error['constraint']) ? ($error['constraint']['params'] ?? []) : [];
        $pointer = (string) $error['pointer'];

        return match ($name) {
            'required' => [self::below($pointer, (string) ($params['property'] ?? $error['property'])), 'is required'],
            'additionalProp' => [self::below($pointer, (string) ($params['property'] ?? '')), 'is not known here'],
            'exclusiveMinimum' => [$pointer, 'must be above ' . self::bound($params, 'exclusiveMinimum', 'minimum')],
            'minimum' => [$pointer, 'must be ' . self::bound($params, 'minimum') . ' or more'],
            'exclusiveMaximum' => [$pointer, 'must be below ' . self::bound($params, 'exclusiveMaximum', 'maximum')],
            'maximum' => [$pointer, 'must be ' . self::bound($params, 'maximum') . ' or less'],
            'type' => [
                $pointer,
                'must be ' . implode(' or ', array_map(self::typeWord(...), (array) ($params['expected'] ?? ['of another type']))),
            ],
            'enum' => [
                $pointer,
                'must be one of ' . implode(
                    ', ',
                    array_map(static fn($w): string => (string) json_encode($w), (array) ($params['enum'] ?? [])),
                ),
            ],
            'const' => [$pointer, 'must be ' . json_encode($params['const'] ?? null)],
            'maxLength' => [$pointer, 'must be ' . self::bound($params, 'maxLength') . ' characters at most'],
            'pattern' => [$pointer, 'has the wrong form'],
            default => [$pointer, lcfirst((string) $error['message'])],
        };
    }

    private static function typeWord(string $type): string
    {
        return match ($type) {
            'number' => 'a number',
            'integer' => 'a whole number',
            'string' => 'a text',
            'boolean' => 'true or false',
            'array' => 'a list',
            'object' => 'an object',
            default => $type,
        };
    }

    private static function below(string $pointer, string $property): string
    {
        return $property === '' || str_ends_with($pointer, '/' . $property) ? $pointer : rtrim($pointer, '/') . '/' . $property;
    }

    /**
     * @param array<string, mixed> $params
     */
    private static function bound(array $params, string ...$keys): string
    {
        foreach ($keys as $key) {
            if (isset($params[$key]) && is_numeric($params[$key])) {
                return (string) $params[$key];
            }
        }

        return 'its bound';
    }
}
