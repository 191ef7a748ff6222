<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cluster\NodeConnector;
use App\Cluster\Nodes;
use App\Database\Faults;
use App\Database\Receipt;
use App\Models\Activity;
use App\Models\Appliance;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Record\JobReader;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PDOException;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;

/** What one machine shows of the many: `./pebblefell test cluster` tries the rest on real nodes. */
final class SeveralServersTest extends TestCase
{
    private const CONFLICT = 'WSREP detected deadlock/conflict and aborted the transaction. Try restarting the transaction';

    #[TestWith([self::CONFLICT])]
    #[TestWith(['SQLSTATE[HY000]: General error: 2006 MySQL server has gone away'])]
    #[TestWith(['SQLSTATE[08S01]: 1047 WSREP has not yet prepared node for application use'])]
    public function testAWriteThatANodeRefusesIsTriedWholeAndSeenAsOneAnswer(string $refusal): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $acts = Activity::query()->count();
        $this->refuse('insert into `appliances`', $refusal, 2);
        $this->post(
            "/jobs/$job->id/appliances",
            ['name' => 'Anchor light', 'side' => 'dc', 'watts' => '3'],
        )->assertRedirect()->assertSessionHasNoErrors();
        self::assertSame(1, Appliance::query()->where('name', 'Anchor light')->count());
        self::assertSame(1, Activity::query()->count() - $acts, 'one act in the history');
    }

    public function testWhatSomeoneElseSavedMeanwhileIsSeenOnTheSecondTrial(): void
    {
        $job = $this->job();
        $load = $this->appliance($job);
        $this->actingAs($this->user());
        $form = ['lock_version' => $load->lock_version, 'name' => 'Mine', 'watts' => '45', 'side' => 'dc'];
        // The other node's write is there when this one is refused.
        $this->refuse(
            'update `appliances`',
            self::CONFLICT,
            1,
            static fn(): int => Appliance::query()->whereKey($load->id)->toBase()->update(
                ['name' => 'Theirs', 'lock_version' => $load->lock_version + 1],
            ),
        );
        $this->put("/jobs/$job->id/appliances/$load->id", $form)->assertConflict()->assertSee('Theirs')->assertSee('Mine');
        self::assertNotSame('Mine', $load->refresh()->name, 'nothing was overwritten');
    }

    public function testWhatEveryTrialRefusesIsSaidAndNothingIsWritten(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $tried = $this->refuse('insert into `appliances`', self::CONFLICT, PHP_INT_MAX);
        $this->withExceptionHandling()->post(
            "/jobs/$job->id/appliances",
            ['name' => 'Anchor light', 'side' => 'dc', 'watts' => '3'],
        )->assertServerError();
        self::assertSame(8, $tried->count);
        self::assertSame(0, Appliance::query()->where('name', 'Anchor light')->count());
    }

    public function testWhatMayHaveBeenWrittenIsNotTriedAgain(): void
    {
        $receipt = Receipt::write();
        self::assertTrue($receipt->isKept());
        $this->refuse('select exists(select * from `receipts`', 'SQLSTATE[HY000]: General error: 2006 MySQL server has gone away', 1);
        $said = null;
        try {
            $said = $receipt->isKept();
        } catch (RuntimeException $e) {
            self::assertFalse(Faults::areNobodys($e), $e->getMessage());
        }
        self::assertNull($said, 'nobody could say');
        DB::table('receipts')->delete();
        self::assertFalse($receipt->isKept());
    }

    public function testTheFirstNodeThatIsReadyServesAndOneThatIsNotIsPassedOver(): void
    {
        $config = [
            'nodes' => ['127.0.0.1:1', '127.0.0.1:' . config('database.connections.mariadb.port')],
        ] + (array) config('database.connections.mariadb');
        $pdo = (new NodeConnector())->connect($config);
        self::assertNotFalse($pdo->query('SELECT 1'));
        self::assertSame(array_reverse($config['nodes']), Nodes::inOrder($config['nodes']));
        Nodes::answers('127.0.0.1:1');
        self::assertSame($config['nodes'], Nodes::inOrder($config['nodes']));
    }

    public function testAPageThatChangesNothingWritesNoSession(): void
    {
        config(['session.driver' => 'patient']);
        $job = $this->job();
        $this->actingAs($this->user());
        $this->get("/jobs/$job->id/loads")->assertOk();
        $written = 0;
        DB::listen(static function (QueryExecuted $query) use (&$written): void {
            $written += preg_match('/^(insert into|update) `sessions`/', $query->sql);
        });
        $this->get("/jobs/$job->id/loads")->assertOk();
        self::assertSame(0, $written);
        $this->post("/jobs/$job->id/appliances", ['name' => 'Anchor light', 'side' => 'dc', 'watts' => '3'])->assertRedirect();
        self::assertSame(1, $written);
        // What was said is shown once, and then gone.
        $this->get("/jobs/$job->id/loads")->assertOk();
        $this->travel(10)->minutes();
        $this->get("/jobs/$job->id/loads")->assertOk();
        self::assertGreaterThan(1, $written, 'a session that is used lives on');
    }

    public function testALineThatOnlyANewerVersionKnowsIsLeftOutAndKept(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $charger = $this->plannedCharger($job);
        DB::table('parts')->where('id', $charger->id)->update(['data' => json_encode([...$charger->data, 'from_the_future' => 7])]);
        $panel = LibraryPart::query()->create(
            ['kind' => 'panel', 'make' => 'Brimsdal', 'model' => 'Next', 'data' => ['pmax_w' => 100, 'from_the_future' => 'yes']],
        );
        $this->get("/jobs/$job->id/survey")->assertOk();
        $this->get("/jobs/$job->id/parts/$charger->id")->assertOk();
        $this->get('/library')->assertOk()->assertSee('Next');
        $read = JobReader::read(Job::query()->findOrFail($job->id));
        self::assertArrayNotHasKey('from_the_future', $read->parts[$charger->uid]->data->values);
        // Somebody edits the part with this version: what it does not know stays.
        $fresh = $charger->refresh();
        $this->put(
            "/jobs/$job->id/parts/$charger->id",
            [
                'lock_version' => $fresh->lock_version, 'role' => 'house', 'make' => 'Tindlow', 'model' => 'Other',
                'data' => array_diff_key($fresh->data, ['from_the_future' => 1]),
            ],
        )
            ->assertRedirect()->assertSessionHasNoErrors();
        self::assertSame(['Other', 7], [$fresh->refresh()->model, $fresh->data['from_the_future'] ?? null]);
        self::assertSame('yes', $panel->refresh()->data['from_the_future'] ?? null);
    }

    /** The last release goes on beside the tables of this one: what it needs stays until `contract`. */
    public function testMigrationsOnlyAdd(): void
    {
        foreach ((array) glob(database_path('migrations/*.php')) as $file) {
            // Those before were run with everything stopped.
            if (basename((string) $file) < '2026_11_28') {
                continue;
            }
            $up = (string) preg_replace('/public function down\(.*/s', '', (string) file_get_contents((string) $file));
            self::assertDoesNotMatchRegularExpression(
                '/->drop|::drop|->rename|::rename|->change\(|DROP |RENAME /',
                $up,
                basename((string) $file) . ': into database/contract',
            );
        }
    }

    /**
     * So many statements that begin so are refused.
     *
     * @return object{count: int}
     */
    private function refuse(string $statement, string $words, int $times, ?callable $meanwhile = null): object
    {
        $tried = new class {
            public int $count = 0;
        };
        DB::connection()->beforeExecuting(static function (string $sql) use ($statement, $words, $times, $meanwhile, $tried): void {
            if (str_starts_with($sql, $statement) && $tried->count < $times) {
                ++$tried->count;
                throw new QueryException('mariadb', $sql, [], new PDOException($words));
            }
            if (str_starts_with($sql, 'update `jobs` set `turn`') && $tried->count === $times && $meanwhile !== null) {
                $meanwhile = $meanwhile() === 1 ? null : $meanwhile;
            }
        });

        return $tried;
    }
}
