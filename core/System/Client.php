<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** Whose vehicle it is. */
final readonly class Client
{
    public function __construct(public string $name, public string $email = '', public string $phone = '', public string $address = '')
    {
    }

    /**
     * @return array{name: string, email: string, phone: string, address: string}
     */
    public function toArray(): array
    {
        return ['name' => $this->name, 'email' => $this->email, 'phone' => $this->phone, 'address' => $this->address];
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        return new self($a['name'], $a['email'] ?? '', $a['phone'] ?? '', $a['address'] ?? '');
    }
}
