<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Model;

/**
 * A model that finds out once a class, not at each access, which of its columns are read as they stand in the row (no cast, no mutator, no
 * date) and what its casts are: a page of a job reads a column some thousand times, and that took a tenth of its time.
 *
 * @phpstan-require-extends Model
 */
trait ReadsPlainly
{
    /** @var array<class-string, array<string, bool>> by class and column */
    private static array $plain = [];

    /** @var array<class-string, array<string, string>> by class; no model's casts change once it is made */
    private static array $castsOf = [];

    /** @param string $key */
    public function getAttribute($key): mixed
    {
        return isset($this->attributes[$key]) && (self::$plain[static::class][$key] ??= $this->standsPlainly($key))
            ? $this->attributes[$key]
            : parent::getAttribute($key);
    }

    /** @return array<string, string> */
    public function getCasts(): array
    {
        return self::$castsOf[static::class] ??= parent::getCasts();
    }

    private function standsPlainly(string $key): bool
    {
        return !$this->hasCast($key) && !$this->hasGetMutator($key) && !$this->hasAttributeGetMutator($key)
            && !in_array($key, $this->getDates(), true);
    }
}
