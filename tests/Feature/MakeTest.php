<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/** The skeletons of what is added most often: whole, registered, in both languages, and with a test that fails until it is written. */
final class MakeTest extends TestCase
{
    private string $copy;

    protected function setUp(): void
    {
        parent::setUp();
        $this->copy = sys_get_temp_dir() . '/pebblefell-make-' . bin2hex(random_bytes(6));
        foreach (['app', 'core', 'lang', 'routes', 'stubs', 'resources/views', 'tests/Core', 'tests/Feature'] as $folder) {
            File::copyDirectory(base_path($folder), "$this->copy/$folder");
        }
        foreach (['vendor', 'config', 'bootstrap', 'database'] as $folder) {
            symlink(base_path($folder), "$this->copy/$folder");
        }
        $this->app?->setBasePath($this->copy);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->copy);
        parent::tearDown();
    }

    public function testEachSkeletonIsWholeAndStandsInItsLists(): void
    {
        self::assertSame(0, Artisan::call('make:trade-rule', ['name' => 'Bank/OneForTheRoad']));
        self::assertSame(0, Artisan::call('make:kind', ['name' => 'BoostRelay']));
        self::assertSame(0, Artisan::call('make:setting', ['name' => 'ripple_limit_a']));
        self::assertSame(0, Artisan::call('make:page', ['name' => 'Bank/SpareShelf']));
        foreach ([
            'core/Stage/Bank/Rules/OneForTheRoad.php' => 'final class OneForTheRoad implements Rule',
            'core/Stage/Bank/BankRoom.php' => 'new Rules\OneForTheRoad(),',
            'lang/en/findings.php' => "'one-for-the-road' =>", 'lang/de/findings.php' => "'one-for-the-road' =>",
            'tests/Core/Rules/OneForTheRoadTest.php' => "'one-for-the-road'",
            'core/System/Kind/BoostRelayKind.php' => 'final class BoostRelayKind extends Kind',
            'core/System/PartKind.php' => "case BoostRelay = 'boost_relay';", 'core/System/Kind/Family.php' => 'case BoostRelay;',
            'lang/en/kinds.php' => "'boost_relay' =>", 'lang/de/kinds.php' => "'boost_relay' =>",
            'core/Setting/Parameter.php' => "case RippleLimit = 'ripple_limit_a';",
            'lang/en/settings.php' => "'ripple_limit_a' =>", 'lang/de/boxes.php' => "'ripple_limit_a' =>",
            'app/Http/Controllers/Bank/SpareShelfController.php' => 'new SpareShelfPage($bench)',
            'app/Http/Pages/Bank/SpareShelfPage.php' => "'pages.bank-spare-shelf.answer'",
            'resources/views/stages/bank/spare-shelf.blade.php' => 'pages.bank-spare-shelf.title',
            'routes/web.php' => "->name('bank.spare-shelf')", 'lang/de/pages.php' => "'bank-spare-shelf' =>",
            'tests/Feature/EveryRouteGuardedTest.php' => "'bank.spare-shelf' => self::ALL",
            'tests/Feature/Bank/SpareShelfPageTest.php' => 'self::fail',
        ] as $path => $holds) {
            self::assertFileExists("$this->copy/$path");
            $text = (string) file_get_contents("$this->copy/$path");
            self::assertStringContainsString($holds, $text, $path);
            self::assertStringNotContainsString('{{ class', $text, $path);
            if (!str_ends_with($path, '.blade.php')) {
                $lint = new Process([PHP_BINARY, '-l', "$this->copy/$path"]);
                $lint->run();
                self::assertSame(0, $lint->getExitCode(), $lint->getOutput());
            }
        }
        // A second time nothing is written over, and nothing stands twice.
        Artisan::call('make:trade-rule', ['name' => 'Bank/OneForTheRoad']);
        self::assertSame(1, substr_count((string) file_get_contents("$this->copy/lang/en/findings.php"), "'one-for-the-road' =>"));
    }

    public function testAKindThatWasMadeIsAKind(): void
    {
        Artisan::call('make:kind', ['name' => 'BoostRelay']);
        $asked = new Process([PHP_BINARY, '-r', '
            spl_autoload_register(static function (string $class) use ($argv): void {
                if (str_starts_with($class, "Pebblefell\\\\")) {
                    require $argv[1] . "/core/" . str_replace("\\\\", "/", substr($class, 11)) . ".php";
                }
            });
            $kind = Pebblefell\System\PartKind::from("boost_relay");
            echo json_encode([$kind->is(Pebblefell\System\Kind\Family::BoostRelay), array_keys($kind->terminals()), $kind->kind()->joins()]);
        ', $this->copy]);
        $asked->run();
        self::assertSame('[true,["in","out"],[["in","out"]]]', $asked->getOutput(), $asked->getErrorOutput());
    }
}
