<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use App\Models\Part as Row;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Settings\SettingSheet;

/** The boxes of one model, to be named as it names them. */
final readonly class ModelPage
{
    public function __construct(private Workbench $bench, private Row $part)
    {
    }

    /**
     * @return list<array{parameter: Parameter, name: string, has: bool, word: string, path: string, place: string, version: int}>
     */
    public function boxes(): array
    {
        $known = ModelBoxes::of($this->part->make, $this->part->model);
        $missing = SettingSheet::missing((string) ($this->part->data['boxes_missing'] ?? ''));

        return array_map(function (Parameter $parameter) use ($known, $missing): array {
            $box = $known->box($parameter);

            return [
                'parameter' => $parameter,
                'name' => $this->bench->say->name($parameter),
                'has' => !in_array($parameter, $missing, true),
                'word' => $box->word ?? '',
                'path' => $box->path ?? '',
                'place' => $box === null || $box->place === 0 ? '' : (string) $box->place,
                'version' => $box->lock_version ?? 0,
            ];
        }, $known->inOrder($this->part->kind->kind()->settings()));
    }
}
