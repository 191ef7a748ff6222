<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\StaleEdit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;

/**
 * Optimistic locking: a row is written only by someone who has seen its latest version.
 *
 * A form carries the `lock_version` that it was made from. If the row has moved on, StaleEdit shows both versions; the answer
 * comes back as `keep_theirs[]`, the attributes in which the other person's value shall stand.
 *
 * @phpstan-require-extends Model
 *
 * @property int $lock_version
 */
trait Versioned
{
    /**
     * @param array<string, mixed> $attributes
     *
     * @throws StaleEdit when the row was changed meanwhile
     */
    public function saveIfUnchanged(Request $request, array $attributes): static
    {
        $row = $this->lockedRow($request, $attributes);
        $row->fill(array_diff_key($attributes, array_flip((array) $request->input('keep_theirs', []))));
        if ($row->isDirty()) {
            $row->lock_version = $row->lock_version + 1;
            $row->save();
        }
        $this->setRawAttributes($row->getAttributes(), true);

        return $this;
    }

    /**
     * One row of several in a form, each with a version of its own: `keep_theirs[]` names its attributes behind $prefix. The caller holds
     * the row, if it is there, locked in a transaction. What is as it was is not written, nor is a new row of which nothing was said.
     *
     * @param array<string, mixed> $attributes
     * @param string               $versionField of the form: "versions[x]"
     * @param array<string, mixed> $stamp        written beside what changed: by whom, when
     *
     * @throws StaleEdit when the row was changed meanwhile
     */
    public function saveAmong(Request $request, array $attributes, string $versionField, string $prefix, array $stamp = []): void
    {
        $kept = (array) $request->input('keep_theirs', []);
        $before = $this->attributes;
        $mine = array_filter(
            $attributes,
            static fn(string $column): bool => !in_array($prefix . $column, $kept, true),
            ARRAY_FILTER_USE_KEY,
        );
        $this->fill($mine);
        $changed = $this->exists
            ? array_intersect_key($mine, $this->getDirty())
            : array_filter($mine, static fn(mixed $v, string $column): bool => $v !== ($before[$column] ?? null), ARRAY_FILTER_USE_BOTH);
        if ($changed === []) {
            return;
        }
        if ($this->exists && (int) $request->input(str_replace(['[', ']'], ['.', ''], $versionField)) !== $this->lock_version) {
            throw new StaleEdit($this->refresh(), $changed, $request, $versionField, $prefix);
        }
        $this->fill($stamp);
        $this->lock_version = $this->exists ? $this->lock_version + 1 : 1;
        $this->save();
    }

    /**
     * @throws StaleEdit when the row was changed meanwhile
     */
    public function deleteIfUnchanged(Request $request): void
    {
        $this->lockedRow($request, [])->delete();
    }

    /**
     * A change that follows from another one: there is no form, but whoever has one open will be told.
     *
     * @param array<string, mixed> $attributes
     */
    public function changeTo(array $attributes): void
    {
        $this->fill($attributes);
        if ($this->isDirty()) {
            $this->lock_version = ($this->lock_version ?? 0) + 1;
            $this->save();
        }
    }

    /**
     * @param array<string, mixed> $attributes
     */
    private function lockedRow(Request $request, array $attributes): static
    {
        $row = static::query()->whereKey($this->getKey())->lockForUpdate()->firstOrFail();
        if ($row->lock_version !== (int) $request->input('lock_version')) {
            throw new StaleEdit($row, $attributes, $request);
        }

        return $row;
    }
}
