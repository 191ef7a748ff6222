<?php

declare(strict_types=1);

namespace App\Http\Pages\Survey;

use App\Http\Workbench;
use Pebblefell\Stage\Survey\Typed\TypedLine;
use Pebblefell\System\PartKind;

/** Lines of parts as they were read, and what is wrong with those that were not. */
final readonly class TypedPage
{
    /**
     * @param list<TypedLine> $lines
     */
    public function __construct(private Workbench $bench, public array $lines)
    {
    }

    public function problem(TypedLine $line): string
    {
        if ($line->problem === null) {
            return '';
        }
        [, $kind, $field] = [...explode('/', $line->problem->path), '', '', ''];
        $said = $this->bench->say->refusal($line->problem);
        $kind = PartKind::tryFrom($kind);

        return $kind === null
            ? $said
            : $this->bench->say->name($kind) . ': ' . ($field === '' ? '' : lcfirst($this->bench->say->field($kind, $field)) . ' ') . $said;
    }

    /** Every line could be read: they may be kept. */
    public function allRead(): bool
    {
        return $this->lines !== [] && array_filter($this->lines, static fn(TypedLine $l): bool => $l->part === null) === [];
    }
}
