<?php

declare(strict_types=1);

namespace App\Console\Commands\Make;

use Illuminate\Console\GeneratorCommand;
use Illuminate\Support\Str;

/** Writes the skeleton of what is added most often: the class, the lines that register it, its words in each language, and its test. */
abstract class Skeleton extends GeneratorCommand
{
    /** @return array<string, string> what stands in a stub between braces */
    abstract protected function marks(): array;

    /** Writes what belongs to the class that was made. */
    abstract protected function more(): void;

    public function handle(): ?bool
    {
        if (parent::handle() === false) {
            return false;
        }
        $this->more();

        return null;
    }

    protected function rootNamespace(): string
    {
        return 'Pebblefell\\';
    }

    protected function getPath($name): string
    {
        $path = str_replace(['Pebblefell\\', 'App\\', '\\'], ['core/', 'app/', '/'], $name);

        return base_path("$path.php");
    }

    protected function getStub(): string
    {
        return base_path('stubs/' . Str::after((string) $this->name, 'make:') . '.stub');
    }

    /** @param string $name */
    protected function buildClass($name): string
    {
        return $this->filled(parent::buildClass($name));
    }

    protected function filled(string $stub): string
    {
        $marks = $this->marks();

        return str_replace(array_map(static fn(string $mark): string => "{{ $mark }}", array_keys($marks)), $marks, $stub);
    }

    /** Writes another file from its stub, where none is. */
    protected function write(string $stub, string $path): void
    {
        if ($this->files->exists(base_path($path))) {
            return;
        }
        $this->files->ensureDirectoryExists(dirname(base_path($path)));
        $this->files->put(base_path($path), $this->filled($this->files->get(base_path("stubs/$stub.stub"))));
        $this->components->info("[$path]");
    }

    /** Puts a line into a file behind the last one that matches; says so where none does. */
    protected function insertBehind(string $path, string $pattern, string $line): void
    {
        $text = $this->files->get(base_path($path));
        if (str_contains($text, $line)) {
            return;
        }
        preg_match_all($pattern, $text, $found, PREG_OFFSET_CAPTURE);
        $last = array_pop($found[0]);
        if ($last === null) {
            $this->components->warn("$path: put in by hand: " . trim($line));

            return;
        }
        $this->files->put(base_path($path), substr_replace($text, $line, $last[1] + strlen($last[0]), 0));
        $this->components->info("[$path]");
    }

    /** Puts a key with its words into each language. */
    protected function word(string $file, string $key, string $value): void
    {
        foreach (glob(lang_path('*'), GLOB_ONLYDIR) ?: [] as $folder) {
            if (!$this->files->exists("$folder/$file.php")) {
                $this->files->put("$folder/$file.php", "<?php\n\ndeclare(strict_types=1);\n\nreturn [\n];\n");
            }
            $this->insertBehind(
                Str::after("$folder/$file.php", base_path() . '/'),
                "/^(?:return \\[|    '[a-z_.-]+' => [^\\n]*,)\\n/m",
                "    '$key' => $value,\n",
            );
        }
    }
}
