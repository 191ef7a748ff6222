<?php

declare(strict_types=1);

namespace App\Console\Commands\Make;

use Illuminate\Support\Str;

/** Makes a rule of the trade: `make rule Bank/SpareForFarAway`. */
final class MakeRule extends Skeleton
{
    protected $name = 'make:trade-rule';

    protected $description = 'A rule of the trade, in its stage, with its words and its test: Bank/SpareForFarAway';

    protected $type = 'Rule';

    protected function getNameInput(): string
    {
        return 'Pebblefell\Stage\\' . $this->room() . '\Rules\\' . $this->rule();
    }

    protected function marks(): array
    {
        return ['key' => Str::kebab($this->rule())];
    }

    protected function more(): void
    {
        $room = $this->room();
        $this->insertBehind(
            "core/Stage/$room/{$room}Room.php",
            '/^            new Rules\\\\\w+\(\),\n/m',
            "            new Rules\\{$this->rule()}(),\n",
        );
        $this->word('findings', Str::kebab($this->rule()), "['title' => '…', 'message' => '…', 'remedy' => '…', 'source' => '…']");
        $this->write('trade-rule-test', "tests/Core/Rules/{$this->rule()}Test.php");
    }

    protected function filled(string $stub): string
    {
        return parent::filled(str_replace(['{{ namespace }}', '{{ class }}'], [
            'Pebblefell\Stage\\' . $this->room() . '\Rules', $this->rule(),
        ], $stub));
    }

    private function room(): string
    {
        return Str::studly(Str::before(parent::getNameInput(), '/'));
    }

    private function rule(): string
    {
        return Str::studly(Str::after(parent::getNameInput(), '/'));
    }
}
