<?php

declare(strict_types=1);

namespace App\Console\Commands\Make;

use Illuminate\Support\Str;

/** Makes a page of a stage: `make page Bank/Spare`. */
final class MakePage extends Skeleton
{
    protected $name = 'make:page';

    protected $description = 'A page of a stage, with its controller, view, route, words and test: Bank/Spare';

    protected $type = 'Page';

    protected function getNameInput(): string
    {
        return 'App\Http\Pages\\' . $this->room() . '\\' . $this->page() . 'Page';
    }

    protected function rootNamespace(): string
    {
        return 'App\\';
    }

    protected function marks(): array
    {
        $stage = Str::kebab($this->room());
        $page = Str::kebab($this->page());

        return [
            'namespace' => 'App\Http\Pages\\' . $this->room(), 'class' => $this->page() . 'Page', 'room' => $this->room(),
            'name' => $this->page(), 'view' => "stages.$stage.$page", 'route' => "$stage.$page", 'words' => "pages.$stage-$page",
        ];
    }

    protected function more(): void
    {
        ['room' => $room, 'name' => $name, 'route' => $route, 'words' => $words] = $this->marks();
        $stage = Str::before($route, '.');
        $page = Str::after($route, '.');
        $this->write('page-controller', "app/Http/Controllers/$room/{$name}Controller.php");
        $this->write('page-view', "resources/views/stages/$stage/$page.blade.php");
        $this->write('page-test', "tests/Feature/$room/{$name}PageTest.php");
        $this->word('pages', Str::after($words, '.'), "['title' => '…', 'answer' => '…']");
        $this->insertBehind(
            'routes/web.php',
            "~^            Route::get\\('/" . $stage . "'.*\\n~m",
            "            Route::get('/$stage/$page', [C\\$room\\{$name}Controller::class, 'show'])->name('$route');\n",
        );
        $doors = 'tests/Feature/EveryRouteGuardedTest.php';
        $this->insertBehind($doors, '/^    private const DOORS = \[\n/m', "        '$route' => self::ALL,\n");
    }

    private function room(): string
    {
        return Str::studly(Str::before(parent::getNameInput(), '/'));
    }

    private function page(): string
    {
        return Str::studly(Str::after(parent::getNameInput(), '/'));
    }
}
