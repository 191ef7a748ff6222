<?php

declare(strict_types=1);

namespace App\Record;

use App\Models;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Pebblefell\Exception\InvalidValue;

/** Which field of a form wrote what the model refuses. */
final class FieldOf
{
    private const ROWS = [
        'parts' => Models\Part::class, 'conductors' => Models\Conductor::class, 'signals' => Models\Signal::class,
        'scenarios' => Models\Scenario::class,
        'appliances' => Models\Appliance::class, 'settings' => Models\Setting::class, 'measurements' => Models\Measurement::class,
        'answers' => Models\Answer::class,
        'choices' => Models\Choice::class,
    ];

    /** The refusal at the form's own field, as far as one can be told. */
    public static function culprit(UnreadableJob $unreadable, Request $request): InvalidValue
    {
        $input = array_map(strval(...), array_filter(Arr::dot($request->except(['_token', '_method', '_form', 'back'])), is_scalar(...)));
        $steps = explode('/', ltrim($unreadable->path, '/'));
        $class = self::ROWS[$steps[0]] ?? null;
        $key = $class === null ? (string) end($steps) : $class::column($steps[2] ?? '');
        // What names something that is not there was typed somewhere: the field that holds that name.
        $field = preg_match('/^"(.+)" /', $unreadable->getMessage(), $m) === 1 ? array_search($m[1], $input, true) : false;
        foreach ($field !== false ? [] : [implode('.', [$key, ...array_slice($steps, 3)]), $key] as $name) {
            if ($name !== '' && $request->has($name)) {
                $field = $name;
                break;
            }
        }

        $path = $field === false ? '' : '/' . str_replace('.', '/', (string) $field);

        return InvalidValue::at($path, 'as-said', ['text' => $unreadable->getMessage()]);
    }
}
