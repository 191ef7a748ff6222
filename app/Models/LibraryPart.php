<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Pebblefell\System\Part as SystemPart;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/**
 * A model in the parts library with its data sheet.
 *
 * @property PartKind $kind
 * @property array<string, float|int|bool|string> $data
 */
final class LibraryPart extends Row
{
    use Audited;
    use Versioned;

    protected $table = 'library_parts';

    protected $fillable = ['kind', 'make', 'model', 'data'];

    protected $casts = ['kind' => PartKind::class, 'data' => 'array'];

    /**
     * As core reads them.
     *
     * @return list<SystemPart> by make and model
     */
    public static function ofKinds(PartKind ...$kinds): array
    {
        $values = array_map(static fn(PartKind $k): string => $k->value, $kinds);

        return once(static fn(): array => array_values(self::query()->whereIn('kind', $values)->orderBy('make')->orderBy('model')->get()
            ->map(static fn(self $row): SystemPart => $row->asPart())->all()));
    }

    public function asPart(): SystemPart
    {
        return new SystemPart(
            (string) $this->id,
            $this->kind,
            DataSheet::of($this->kind, $this->kind->knownOf($this->data)),
            make: $this->make,
            model: $this->model,
        );
    }

    public function name(): string
    {
        return trim($this->make . ' ' . $this->model);
    }
}
