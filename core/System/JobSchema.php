<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Region\Region;
use Pebblefell\System\Sheet\FieldList;

/** Describes the job file as JSON Schema does, from the records' own lists of fields. */
final class JobSchema
{
    /**
     * Describes the whole file.
     *
     * @param string $title       for readers, as $description
     * @param array<string, array<string, mixed>> $beside what stands beside the model, by the file's key
     *
     * @return array<string, mixed>
     */
    public static function of(string $title, string $description, array $beside): array
    {
        $model = [
            'format' => ['const' => JobFile::FORMAT],
            'version' => ['enum' => range(1, JobFile::VERSION)],
            'title' => ['type' => 'string', 'maxLength' => 160, 'minLength' => 1],
            'region' => ['enum' => array_column(Region::cases(), 'value')],
            'target_chemistry' => ['enum' => array_column(Chemistry::cases(), 'value')],
            'client' => Client::fields()->schema(),
            'vehicle' => Vehicle::fields()->schema(),
            'travel' => Travel::fields()->schema(),
            'place' => ['type' => ['object', 'null']] + Place::fields()->schema(),
            'parts' => self::rows(['$ref' => '#/definitions/part']),
            'conductors' => self::rows(['$ref' => '#/definitions/conductor']),
            'signals' => self::rows(['$ref' => '#/definitions/signal']),
            'scenarios' => self::rows(Scenario::fields()->schema()),
            'appliances' => self::rows(ApplianceUse::fields()->schema()),
            'settings' => self::rows(SettingEntry::fields()->schema()),
            'measurements' => self::rows(Measurement::fields()->schema()),
            'answers' => self::rows(Answer::fields()->schema()),
        ];

        return [
            '$schema' => 'http://json-schema.org/draft-07/schema#',
            '$id' => 'https://pebblefell.example/job.schema.json',
            'title' => $title,
            'description' => $description,
            'type' => 'object',
            'properties' => [...$model, 'choices' => self::rows(Choice::fields()->schema()), ...$beside],
            'required' => array_keys($model),
            'additionalProperties' => false,
            'definitions' => [
                'part' => self::part(Part::fields(), Photo::fields()),
                'conductor' => Conductor::fields()->schema(),
                'signal' => Signal::fields()->schema(),
            ],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function part(FieldList $part, FieldList $photo): array
    {
        $schema = $part->schema();
        $schema['properties']['photos'] = self::rows($photo->schema());

        return $schema;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private static function rows(array $row): array
    {
        return ['type' => 'array', 'items' => $row];
    }
}
