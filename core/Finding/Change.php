<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/**
 * One change of the plan, as data: a row comes in, goes, or gets another value. A remedy proposes some; a choice of an offer keeps some.
 *
 * Rows and fields are those of the job file. A row that comes in is named by whoever proposes it: "new-1"; whoever keeps it gives it its
 * real name, and every later change of the same list that names it means that row.
 */
final readonly class Change
{
    public const ADD = 'add';
    public const REMOVE = 'remove';
    public const SET = 'set';

    /**
     * @param string               $do    one of the three above
     * @param string               $kind  part, conductor, signal or setting
     * @param string               $uid   of the row; of its part, for a setting
     * @param array<string, mixed> $row   what comes in, in the job file's terms
     * @param string               $field what gets another value; the parameter, for a setting
     * @param string|float|int|array<string, mixed>|null $value an array for a whole data sheet
     */
    private function __construct(
        public string $do,
        public string $kind,
        public string $uid,
        public array $row = [],
        public string $field = '',
        public string|float|int|array|null $value = null,
    ) {
    }

    /**
     * @param array<string, mixed> $row with its uid
     */
    public static function add(string $kind, array $row): self
    {
        return new self(self::ADD, $kind, $row['uid'], $row);
    }

    /** Takes out what was found, with what hangs on it; leaves out what was only planned. */
    public static function remove(string $kind, string $uid): self
    {
        return new self(self::REMOVE, $kind, $uid);
    }

    public static function set(string $kind, string $uid, string $field, string|float|int|null $value): self
    {
        return new self(self::SET, $kind, $uid, field: $field, value: $value);
    }

    /**
     * A part's data sheet, whole.
     *
     * @param array<string, mixed> $data
     */
    public static function setData(string $uid, array $data): self
    {
        return new self(self::SET, 'part', $uid, field: 'data', value: $data);
    }

    /** Sets what becomes of a part: keep, reprogram, relabel … */
    public static function ofPart(string $uid, string $fate): self
    {
        return self::set('part', $uid, 'fate', $fate);
    }

    /** Sets what a device is to be set to. $value is a number or "off"; null: as the profile says. */
    public static function ofSetting(string $partUid, string $parameter, ?string $value): self
    {
        return self::set('setting', $partUid, $parameter, $value);
    }

    /** Its value as text; '' where it is none. */
    public function text(): string
    {
        return is_scalar($this->value) ? (string) $this->value : '';
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return ['do' => $this->do, 'kind' => $this->kind] + match ($this->do) {
            self::ADD => ['row' => $this->row],
            self::REMOVE => ['uid' => $this->uid],
            default => ['uid' => $this->uid, 'field' => $this->field, 'value' => $this->value],
        };
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        return match ($a['do']) {
            self::ADD => self::add($a['kind'], $a['row']),
            self::REMOVE => self::remove($a['kind'], $a['uid']),
            default => new self(self::SET, $a['kind'], $a['uid'], field: $a['field'], value: $a['value'] ?? null),
        };
    }
}
