<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Csv\CsvResult;
use Illuminate\Http\RedirectResponse;

/** A CSV file; taken whole or not at all. */
final class CsvRequest extends FormRequest
{
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:20480']];
    }

    public function fileText(): string
    {
        /** @var \Illuminate\Http\UploadedFile $file */
        $file = $this->file('file');

        return (string) $file->get();
    }

    /**
     * @param array<int, mixed> $parameters of the route
     */
    public function answer(CsvResult $result, string $route, array $parameters): RedirectResponse
    {
        if ($result->faults !== []) {
            return redirect()->route($route, $parameters)
                ->withErrors(['file' => 'The file is refused; nothing was changed.'])
                ->with('faults', array_slice($result->faults, 0, 50));
        }

        return redirect()->route($route, $parameters)->with('said', "$result->rows rows are in.");
    }
}
