<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Answer;
use App\Models\Appliance;
use App\Models\Choice;
use App\Models\Conductor;
use App\Models\Customer;
use App\Models\Handover;
use App\Models\Job;
use App\Models\Measurement;
use App\Models\Part;
use App\Models\Photo as PhotoRow;
use App\Models\Place;
use App\Models\Scenario;
use App\Models\Setting;
use App\Models\Signal;
use App\Models\Signature;
use App\Models\Tick;
use App\Schema\SchemaCheck;
use App\Words\Lexicon;
use App\Words\TypedText;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Choice as SystemChoice;
use Pebblefell\System\Client;
use Pebblefell\System\JobFile;
use Pebblefell\System\JobSchema;
use Pebblefell\System\Photo;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\System;
use RuntimeException;

/** Jobs in and out as open files. A file is taken whole or not at all. */
final class JobFiles
{
    public static function schemaPath(): string
    {
        return base_path('docs/job.schema.json');
    }

    /**
     * Describes the file as JSON Schema does: the model, and what stands beside it.
     *
     * @return array<string, mixed>
     */
    public static function schema(): array
    {
        $rows = static fn(FieldList $fields, int ...$most): array => ['type' => 'array', 'items' => $fields->schema()]
            + ($most === [] ? [] : ['maxItems' => $most[0]]);

        return JobSchema::of(__('brief.file.title'), __('brief.file.description'), [
            'ticks' => $rows(Tick::fields()),
            'signatures' => $rows(Signature::fields(), 100),
            'packs' => $rows(Handover::fields(), 100),
        ]);
    }

    /** Writes the schema as docs/ holds it. */
    public static function schemaJson(): string
    {
        return json_encode(
            self::schema(),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /**
     * The file's text, pictures within.
     *
     * @param bool $withPacks the packs that were issued too, each with the file in it; a pack itself holds none
     */
    public static function export(Job $job, bool $withPacks = false): string
    {
        $system = JobReader::read($job);
        $rows = $job->parts->flatMap(static fn(Part $p) => $p->photos)->keyBy('sha256');

        return JobFile::encode($system, static function (Photo $photo) use ($rows): ?array {
            $row = $rows->get($photo->sha256);

            return !$row instanceof PhotoRow ? null : [
                'sha256' => $photo->sha256,
                'caption' => $photo->caption,
                'media_type' => 'image/jpeg',
                'data_base64' => base64_encode(PhotoStore::bytes($row)),
            ] + ($photo->shows === '' ? [] : ['shows' => $photo->shows]);
        }, [
            'ticks' => array_values($job->ticks()->get()->map(Tick::fields()->write(...))->all()),
            'signatures' => array_values($job->signatures()->get()->map(Signature::fields()->write(...))->all()),
            'packs' => !$withPacks ? [] : array_values(
                $job->handovers()->reorder('number')->get()->map(Handover::fields()->write(...))->all(),
            ),
        ]);
    }

    /**
     * @return array{?System, array<string, mixed>, list<array{path: string, message: string}>} the model, the file's tree, and every fault
     */
    public static function read(string $text): array
    {
        // Counted before it is taken apart: every row of a job has a uid.
        $rows = substr_count($text, '"uid"');
        if ($rows > array_sum(Bounds::most())) {
            return [null, [], [['path' => '', 'message' => "brings $rows rows; one job holds " . array_sum(Bounds::most()) . ' at most']]];
        }
        $value = json_decode($text);
        if (!is_object($value)) {
            return [
                null,
                [],
                [[
                    'path' => '',
                    'message' => json_last_error() === JSON_ERROR_NONE
                        ? 'must be one JSON object'
                        : 'is not JSON: ' . json_last_error_msg(),
                ]],
            ];
        }
        $faults = SchemaCheck::faults($value, json_decode((string) file_get_contents(self::schemaPath())));
        if ($faults !== []) {
            return [null, [], $faults];
        }
        /** @var array<string, mixed> $tree */
        $tree = JobFile::upgrade(json_decode($text, true));
        try {
            Bounds::checkCounts(array_map(static fn($rows): int => is_array($rows) ? count($rows) : 0, $tree));
        } catch (InvalidValue $e) {
            return [null, [], [['path' => $e->path, 'message' => Lexicon::plain()->refusal($e)]]];
        }
        array_walk_recursive($tree, static function (mixed $leaf, int|string $key) use (&$faults): void {
            if (is_string($leaf) && !TypedText::isClean($leaf)) {
                $faults[] = ['path' => "…/$key", 'message' => 'holds characters that cannot be read'];
            }
        });
        foreach ($tree['parts'] as $i => $part) {
            foreach ($part['photos'] ?? [] as $j => $photo) {
                $fault = self::photoFault($photo);
                if ($fault !== null) {
                    $faults[] = ['path' => "/parts/$i/photos/$j/data_base64", 'message' => $fault];
                }
            }
        }
        foreach ($tree['packs'] ?? [] as $i => $pack) {
            if (hash('sha256', $pack['document']) !== $pack['sha256']) {
                $faults[] = ['path' => "/packs/$i/document", 'message' => 'does not fit its sha256'];
            } elseif (self::read($pack['document'])[2] !== []) {
                $faults[] = ['path' => "/packs/$i/document", 'message' => 'is not a job file'];
            } elseif (self::tells($pack['document'])) {
                $faults[] = ['path' => "/packs/$i/document", 'message' => 'holds a picture that tells more than it shows'];
            }
        }
        try {
            if ($faults !== []) {
                return [null, $tree, $faults];
            }
            $system = JobFile::fromArray($tree);
            foreach ($system->choices as $i => $choice) {
                self::checkChoice($system, $choice, $i);
            }

            return [$system, $tree, []];
        } catch (InvalidValue $e) {
            return [null, [], [...$faults, ['path' => $e->path, 'message' => Lexicon::plain()->refusal($e)]]];
        }
    }

    /**
     * Makes a new job from a checked file.
     *
     * @param array<string, mixed> $tree as read() gives it
     */
    public static function import(System $system, array $tree): Job
    {
        $job = Job::query()->create([
            'title' => $system->title,
            'customer_id' => self::customer($tree['client'])->id,
            'place_id' => $system->place === null ? null : self::place($system->place->toArray())->id,
            'region' => $system->region->value,
            'target_chemistry' => $system->target->value,
            ...Job::columnsOf(['vehicle' => $system->vehicle->toArray(), 'travel' => $system->travel->toArray()]),
        ]);
        foreach ($tree['parts'] as $row) {
            $part = Part::fromFile($row);
            $part->job()->associate($job);
            $part->save();
            foreach ($row['photos'] ?? [] as $photo) {
                PhotoStore::keepClean(
                    $part,
                    (string) base64_decode($photo['data_base64'], true),
                    $photo['caption'],
                    $photo['shows'] ?? '',
                );
            }
        }
        foreach ([
            'conductors' => Conductor::class,
            'signals' => Signal::class,
            'scenarios' => Scenario::class,
            'appliances' => Appliance::class,
            'settings' => Setting::class,
            'measurements' => Measurement::class,
            'answers' => Answer::class,
            'choices' => Choice::class,
        ] as $key => $class) {
            foreach ($tree[$key] ?? [] as $row) {
                $model = $class::fromFile($row);
                $model->job()->associate($job);
                $model->save();
            }
        }
        foreach (self::asTheyArrived($tree['ticks'] ?? []) as $row) {
            Tick::fromFile($row)->forceFill(['job_id' => $job->id])->save();
        }
        foreach ($tree['signatures'] ?? [] as $row) {
            Signature::fromFile($row)->job()->associate($job)->save();
        }
        foreach ($tree['packs'] ?? [] as $row) {
            Handover::fromFile($row)->job()->associate($job)->save();
        }
        Job::query()->whereKey($job->id)->toBase()->update(['next_uid' => 1 + self::highestUid($tree)]);
        EarlierAnswers::fit($job->refresh());

        return $job->refresh();
    }

    /**
     * Ticks in the order of their arrival: so they stand in a file, but for those of releases that did not know it.
     *
     * @param list<array<string, mixed>> $ticks
     *
     * @return list<array<string, mixed>>
     */
    private static function asTheyArrived(array $ticks): array
    {
        if (count(array_filter($ticks, static fn(array $t): bool => !isset($t['arrived']))) > 0) {
            usort($ticks, static fn(array $a, array $b): int => strtotime($a['at']) <=> strtotime($b['at']));
        }

        return $ticks;
    }

    /**
     * @throws InvalidValue where a choice does not go with the plan that it stands beside
     */
    private static function checkChoice(System $system, SystemChoice $choice, int $i): void
    {
        try {
            Plan::with($system, $choice->changes);
        } catch (InvalidValue $e) {
            throw $e->under("/choices/$i");
        }
    }

    /** A pack is sealed: what its pictures tell cannot be taken out of it. */
    private static function tells(string $document): bool
    {
        foreach (json_decode($document, true)['parts'] ?? [] as $part) {
            foreach ($part['photos'] ?? [] as $photo) {
                if (!CleanPicture::isClean((string) base64_decode((string) $photo['data_base64'], true))) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param array<string, mixed> $photo
     */
    private static function photoFault(array $photo): ?string
    {
        $bytes = base64_decode($photo['data_base64'], true);
        if ($bytes === false || hash('sha256', $bytes) !== $photo['sha256']) {
            return 'does not fit its sha256';
        }
        try {
            CleanPicture::kept($bytes);
        } catch (RuntimeException $e) {
            return $e->getMessage();
        }

        return null;
    }

    /**
     * @param array<string, string> $client
     */
    private static function customer(array $client): Customer
    {
        return Customer::query()->firstOrCreate(Client::fromArray($client)->toArray());
    }

    /**
     * @param array<string, mixed> $place
     */
    private static function place(array $place): Place
    {
        $same = Place::query()->where('name', $place['name'])->get()->first(static fn(Place $p): bool => $p->toFile() == $place);

        return $same ?? Place::query()->create($place);
    }

    /**
     * @param array<string, mixed> $tree
     */
    private static function highestUid(array $tree): int
    {
        $highest = 0;
        foreach (['parts', 'conductors', 'signals', 'scenarios', 'appliances', 'measurements', 'choices'] as $key) {
            foreach ($tree[$key] ?? [] as $row) {
                $highest = max($highest, (int) preg_replace('/\D/', '', $row['uid']));
            }
        }

        return $highest;
    }
}
