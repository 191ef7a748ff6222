<?php

declare(strict_types=1);

namespace App\Http\Requests\Settings;

use App\Http\Requests\FormRequest;
use App\Models\Part;
use Illuminate\Validation\Rule;
use Pebblefell\System\Kind\Kind;

/** With what a device is set, whose account that is, and how far its firmware has come. */
final class ProgrammingRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'firmware' => ['nullable', 'string', 'max:60'],
            'firmware_newest' => ['nullable', 'boolean'],
            'set_with' => ['nullable', Rule::in(Kind::SET_WITH)],
            'account' => ['nullable', 'string', 'max:120'],
        ];
    }

    /**
     * A newer version opens the next round: it counts as the newest only when that is said of it.
     *
     * @return array<string, mixed> columns of the part
     */
    public function row(Part $part): array
    {
        $now = $this->string('firmware')->trim()->toString();
        $data = $part->data;
        if ($part->firmware !== '' && $now !== $part->firmware) {
            $data['firmware_found'] ??= $part->firmware;
        }
        $lines = [
            'set_with' => $this->string('set_with')->toString(),
            'account' => $this->string('account')->trim()->toString(),
            'firmware_newest' => $this->boolean('firmware_newest') && $now !== '' ? true : '',
        ];
        foreach ($lines as $key => $value) {
            if ($value === '') {
                unset($data[$key]);
            } else {
                $data[$key] = $value;
            }
        }

        return ['firmware' => $now, 'data' => $data];
    }
}
