<?php

declare(strict_types=1);

namespace App\Console\Commands\Make;

use Illuminate\Support\Str;

/** Makes a box that a device is set by: `make setting input_limit_a`. Its unit is the end of its name. */
final class MakeSetting extends Skeleton
{
    protected $name = 'make:setting';

    protected $description = 'A box that a device is set by, with its words: input_limit_a';

    protected $type = 'Setting';

    public function handle(): ?bool
    {
        $this->more();

        return null;
    }

    protected function marks(): array
    {
        return [];
    }

    protected function more(): void
    {
        $value = Str::snake($this->getNameInput());
        $case = Str::studly((string) preg_replace('/_(mv_per_c|pct|min|ah|v|h|c|a|w)$/', '', $value));
        $this->insertBehind('core/Setting/Parameter.php', "/^    case \\w+ = '\\w+';\\n/m", "    case $case = '$value';\n");
        $this->word('settings', $value, "'…'");
        foreach (glob(lang_path('*/boxes.php')) ?: [] as $boxes) {
            $this->insertBehind(
                Str::after($boxes, base_path() . '/'),
                "/^        '[a-z_]+_[a-z]+' => \\[[^\\n]*\\],\\n/m",
                "        '$value' => ['…'],\n",
            );
        }
        $this->components->info('Then: what is typed into it, in the profile that it belongs to (core/Setting, DeviceProfile),'
            . ' and the kinds that have it (settings()).');
    }
}
