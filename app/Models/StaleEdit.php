<?php

declare(strict_types=1);

namespace App\Models;

use BackedEnum;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RuntimeException;

/** Someone else wrote the row meanwhile. Nothing was saved; both versions are shown, and nothing typed is lost. */
final class StaleEdit extends RuntimeException
{
    /**
     * @param array<string, mixed> $yours        attributes that the request wanted to write
     * @param string               $versionField the form field that carries the row's version
     * @param string               $keyPrefix    put before an attribute's name in keep_theirs[], where a form writes several rows
     */
    public function __construct(
        private readonly Model $row,
        private readonly array $yours,
        private readonly Request $request,
        private readonly string $versionField = 'lock_version',
        private readonly string $keyPrefix = '',
    ) {
        parent::__construct('The row was changed meanwhile.');
    }

    public function render(): Response
    {
        $last = Activity::query()->whereMorphedTo('subject', $this->row)->latest('id')->first();

        return response()->view('errors.stale', [
            'who' => $last?->who() ?? 'someone',
            'when' => $last?->created_at === null ? '' : Workshop::current()->local($last->created_at)->format('\\A\\t H:i \\o\\n j F. '),
            'action' => $this->request->url(),
            'method' => $this->request->method(),
            'back' => url()->previous(),
            'versionField' => $this->versionField,
            'version' => $this->row->getAttribute('lock_version'),
            'input' => array_diff_key(
                self::flatten($this->request->except(['_token', '_method', 'keep_theirs', ...array_keys($this->request->allFiles())])),
                [$this->versionField => true],
            ),
            'differences' => $this->differences(),
        ], Response::HTTP_CONFLICT);
    }

    /**
     * @return list<array{key: string, label: string, yours: string, theirs: string}>
     */
    private function differences(): array
    {
        $mine = (clone $this->row)->fill($this->yours);
        $rows = [];
        foreach (array_keys($this->yours) as $key) {
            $yours = self::text($mine->getAttribute($key));
            $theirs = self::text($this->row->getAttribute($key));
            if ($yours !== $theirs) {
                $rows[] = [
                    'key' => $this->keyPrefix . $key,
                    'label' => ucfirst(str_replace('_', ' ', preg_replace('/_id$/', '', $key) ?? $key)),
                    'yours' => $yours,
                    'theirs' => $theirs,
                ];
            }
        }

        return $rows;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            $value === null, $value === '' => '(empty)',
            $value instanceof BackedEnum => (string) $value->value,
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            default => (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        };
    }

    /**
     * @param array<array-key, mixed> $input
     *
     * @return array<string, string> "hours[s1]" => "7-9"
     */
    private static function flatten(array $input, string $prefix = ''): array
    {
        $flat = [];
        foreach ($input as $key => $value) {
            $name = $prefix === '' ? (string) $key : $prefix . '[' . $key . ']';
            if (is_array($value)) {
                $flat += self::flatten($value, $name);
            } elseif (is_scalar($value) || $value === null) {
                $flat[$name] = (string) $value;
            }
        }

        return $flat;
    }
}
