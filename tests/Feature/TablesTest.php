<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Csv\Csv;
use App\Models\Appliance;
use App\Models\Job;
use App\Models\LibraryPart;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

/** Tables as people and spreadsheets make them: any text, any encoding, any separator, and nothing half taken in. */
final class TablesTest extends TestCase
{
    /** Texts that break careless readers. */
    private const TEXTS = [
        'plain', 'with, comma', 'semi; colon', 'quote " inside', "two\nlines", "carriage\r\nreturn", '=SUM(A1)', '+49 1', '-5 °C',
        '@home', "\t tab", 'Ångström', '“so”', 'ends with ,', '"', "'apostrophe", '0012', '1e5', ' leading', 'trailing ', '木', '😀',
    ];

    /**
     * @return iterable<string, array{callable(string): string}>
     */
    public static function encodings(): iterable
    {
        yield 'as it goes out' => [static fn(string $t): string => $t];
        yield 'UTF-8 with its mark' => [static fn(string $t): string => "\xEF\xBB\xBF" . $t];
        yield 'UTF-16, little end first' => [static fn(string $t): string => "\xFF\xFE" . mb_convert_encoding($t, 'UTF-16LE', 'UTF-8')];
        yield 'UTF-16, big end first' => [static fn(string $t): string => "\xFE\xFF" . mb_convert_encoding($t, 'UTF-16BE', 'UTF-8')];
        yield 'unix line ends' => [static fn(string $t): string => str_replace("\r\n", "\n", $t)];
    }

    /**
     * @param callable(string): string $saved
     */
    #[DataProvider('encodings')]
    public function testWhatGoesOutComesInWhateverStandsInIt(callable $saved): void
    {
        mt_srand(3);
        for ($round = 0; $round < 40; ++$round) {
            $names = array_map(static fn(int $i): string => "column $i", range(0, mt_rand(1, 6)));
            $rows = [];
            for ($i = 0; $i < mt_rand(1, 8); ++$i) {
                $rows[] = array_map(static fn(): string => self::TEXTS[mt_rand(0, count(self::TEXTS) - 1)], $names);
            }
            [$read, $faults] = Csv::read($saved(Csv::write([$names, ...$rows])), [], 1000);
            self::assertSame([], $faults);
            // Line ends within a text are those of the file; spaces around it are no part of it.
            $plain = static fn(array $r): array => array_map(
                static fn(string $t): string => trim(str_replace("\r\n", "\n", $t)),
                array_values($r),
            );
            self::assertSame(
                array_map($plain, $rows),
                array_map(static fn(array $r): array => $plain(array_diff_key($r, ['#' => 1])), $read),
            );
        }
    }

    /**
     * @return iterable<string, array{string, list<array{string, float, string}>}> a table, and the loads that it means: name, watts, side
     */
    public static function spreadsheets(): iterable
    {
        $meant = [['Kühlbox', 45.5, 'dc'], ['Kettle', 1000.0, 'ac']];
        yield 'commas and points' => ["name,side,watts\nKühlbox,dc,45.5\nKettle,ac,1000\n", $meant];
        yield 'semicolons and decimal commas' => ["name;side;watts\nKühlbox;dc;45,5\nKettle;ac;1000\n", $meant];
        yield 'tabs' => ["name\tside\twatts\nKühlbox\tdc\t45.5\nKettle\tac\t1000\n", $meant];
        yield 'columns in another order, one that nobody knows, empty lines' => [
            "watts;remark;name;side\n45,5;cold;Kühlbox;dc\n\n1000;;Kettle;ac\n\n",
            $meant,
        ];
        yield 'Windows-1252' => [
            (string) mb_convert_encoding("name;side;watts\r\nKühlbox;dc;45,5\r\nKettle;ac;1000\r\n", 'Windows-1252', 'UTF-8'),
            $meant,
        ];
        yield 'UTF-16 without its mark' => [
            (string) mb_convert_encoding("name;side;watts\r\nKühlbox;dc;45,5\r\nKettle;ac;1000\r\n", 'UTF-16LE', 'UTF-8'),
            $meant,
        ];
        yield 'quoted throughout, no last line end' => [
            "\"name\",\"side\",\"watts\"\n\"Kühlbox\",\"dc\",\"45.5\"\n\"Kettle\",\"ac\",\"1000\"",
            $meant,
        ];
    }

    /**
     * @param list<array{string, float, string}> $meant
     */
    #[DataProvider('spreadsheets')]
    public function testATableOfLoadsIsReadAsItWasMeant(string $table, array $meant): void
    {
        $this->actingAs($this->user());
        $job = $this->job();
        $this->post(
            "/jobs/$job->id/loads/csv",
            ['file' => UploadedFile::fake()->createWithContent('loads.csv', $table)],
        )->assertSessionHasNoErrors();
        self::assertSame(
            $meant,
            $job->appliances()->orderBy('id')->get()->map(static fn(Appliance $a): array => [$a->name, $a->watts, $a->side->value])->all(),
        );
    }

    /**
     * @return iterable<string, array{string, string}> a table, and what is said of it
     */
    public static function faulty(): iterable
    {
        yield 'nothing in it' => ['', 'missing'];
        yield 'a column is missing' => ["name,watts\nLamp,5\n", 'side'];
        yield 'no number' => ["name,side,watts\nLamp,dc,5\nPump,dc,five\n", 'line 3'];
        yield 'no side' => ["name,side,watts\nLamp,sideways,5\n", 'line 2'];
        yield 'no name' => ["name,side,watts\n,dc,5\n", 'line 2'];
        yield 'below nothing' => ["name,side,watts\nLamp,dc,-5\n", 'line 2'];
        yield 'endless' => ["name,side,watts\nLamp,dc,1e999\n", 'line 2'];
        yield 'more cells than columns' => ["name,side,watts\nLamp,dc,5,6,7\n", 'line 2'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 'missing'];
    }

    #[DataProvider('faulty')]
    public function testAFaultIsSaidByItsLineAndNothingIsTakenIn(string $table, string $said): void
    {
        $this->actingAs($this->user());
        $job = $this->job();
        $this->appliance($job);
        $this->post(
            "/jobs/$job->id/loads/csv",
            ['file' => UploadedFile::fake()->createWithContent('loads.csv', $table)],
        )->assertSessionHasErrors('file');
        self::assertStringContainsString($said, (string) json_encode([session('faults'), session('errors')?->all()]));
        self::assertSame(1, $job->appliances()->count());
    }

    /** Every table of every demo job, out and in again beside what is there: the same rows, twice. */
    public function testTheTablesOfEveryDemoJobComeInAgain(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        foreach (Job::query()->get() as $job) {
            $loads = (string) $this->get("/jobs/$job->id/loads.csv")->assertOk()->getContent();
            $parts = (string) $this->get("/jobs/$job->id/parts.csv")->assertOk()->getContent();
            $count = [$job->appliances()->count(), $job->parts()->count()];
            if ($count[0] > 0) {
                $this->post(
                    "/jobs/$job->id/loads/csv",
                    ['file' => UploadedFile::fake()->createWithContent('loads.csv', $loads)],
                )->assertSessionHasNoErrors();
            }
            if ($count[1] > 0) {
                $this->post(
                    "/jobs/$job->id/parts/csv",
                    ['file' => UploadedFile::fake()->createWithContent('parts.csv', $parts)],
                )->assertSessionHasNoErrors();
            }
            self::assertSame([2 * $count[0], 2 * $count[1]], [$job->appliances()->count(), $job->parts()->count()], $job->title);
            $lines = static fn(string $csv): array => array_slice(Csv::read($csv, [], 2000)[0], 0);
            $again = $lines((string) $this->get("/jobs/$job->id/loads.csv")->getContent());
            $plain = static fn(array $r): array => array_diff_key($r, ['#' => 1, 'uid' => 1]);
            self::assertEquals(
                array_map($plain, array_slice($again, 0, $count[0])),
                array_map($plain, array_slice($again, $count[0])),
                $job->title,
            );
        }
    }

    /** The library's table with one line changed changes one model, and a line with a fault changes none. */
    public function testTheLibrarysTableIsTakenWholeOrNotAtAll(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $csv = (string) $this->get('/library.csv')->getContent();
        $model = LibraryPart::query()->where('kind', 'battery')->firstOrFail();
        $before = LibraryPart::query()->orderBy('id')->pluck('lock_version', 'id')->all();
        [$rows] = Csv::read($csv, [], 5000);
        $names = Csv::columns($csv);
        $table = static fn(callable $change): string => Csv::write(
            [$names, ...array_map(static fn(array $r): array => array_map(static fn(string $n): string => $change($r, $n), $names), $rows)],
        );
        $weights = static fn(string $to): callable => static fn(array $r, string $n): string => $n === 'mass_kg'
            && $r['make'] === $model->make && $r['model'] === $model->model && $r['kind'] === 'battery'
            ? $to
            : $r[$n];
        $this->post(
            '/library/csv',
            ['file' => UploadedFile::fake()->createWithContent('library.csv', $table($weights('23,75')))],
        )->assertSessionHasNoErrors();
        self::assertSame(23.75, (float) $model->refresh()->data['mass_kg']);
        $after = LibraryPart::query()->orderBy('id')->pluck('lock_version', 'id')->all();
        self::assertSame([$model->id], array_keys(array_diff_assoc($after, $before)));
        $this->post(
            '/library/csv',
            ['file' => UploadedFile::fake()->createWithContent('library.csv', $table($weights('heavy')))],
        )->assertSessionHasErrors('file');
        self::assertSame(23.75, (float) $model->refresh()->data['mass_kg']);
    }
}
