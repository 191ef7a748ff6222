<?php

declare(strict_types=1);

namespace App\Console\Commands\Make;

use Illuminate\Support\Str;

/** Makes a kind of part: `make kind BoostRelay`. */
final class MakeKind extends Skeleton
{
    protected $name = 'make:kind';

    protected $description = 'A kind of part, with its family and its name: BoostRelay';

    protected $type = 'Kind';

    protected function getNameInput(): string
    {
        return 'Pebblefell\System\Kind\\' . $this->kind() . 'Kind';
    }

    protected function marks(): array
    {
        return ['family' => $this->kind()];
    }

    protected function more(): void
    {
        $value = Str::snake($this->kind());
        $this->insertBehind('core/System/PartKind.php', "/^    case \\w+ = '\\w+';\\n/m", "    case {$this->kind()} = '$value';\n");
        $this->insertBehind('core/System/Kind/Family.php', '/^    case \w+;\n/m', "    case {$this->kind()};\n");
        $this->word('kinds', $value, "'…'");
        $this->components->info('Then: php artisan pebblefell:schema');
    }

    private function kind(): string
    {
        return Str::studly(parent::getNameInput());
    }
}
