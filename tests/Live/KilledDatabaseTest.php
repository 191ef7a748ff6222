<?php

declare(strict_types=1);

namespace Tests\Live;

/** The database is ended with SIGKILL in the middle of writes, again and again: what was acknowledged is there afterwards. */
final class KilledDatabaseTest extends TestCase
{
    private const TIMES = 20;

    private const EACH = 16;

    public function testEveryAcknowledgedWriteOutlivesTheServersDeath(): void
    {
        $person = self::person('Kill Witness', 'planner,office');
        $job = $this->newJob($person);
        $acknowledged = [];
        // On a busy machine little is acknowledged before the end: then it is killed more often, and later.
        for ($round = 0; $round < self::TIMES || (count($acknowledged) <= self::TIMES && $round < 3 * self::TIMES); ++$round) {
            $names = array_map(static fn(int $i): string => "Lamp $round-$i", range(1, self::EACH));
            $killer = $this->killSoon(40 + 23 * $round % 160 + ($round < self::TIMES ? 0 : 250));
            $answers = self::atOnce(
                array_map(
                    static fn(string $n): array => [$person, 'POST', "$job/appliances", ['name' => $n, 'side' => 'dc', 'watts' => '5']],
                    $names,
                ),
                3,
            );
            pcntl_waitpid($killer, $status);
            foreach ($answers as $i => $answer) {
                if ($answer?->getStatusCode() === 302 && str_ends_with(
                    (string) parse_url($answer->getHeaderLine('Location'), PHP_URL_PATH),
                    '/loads',
                )) {
                    $acknowledged[] = $names[$i];
                }
            }
            self::pebblefell('database', 'start');
        }
        $csv = (string) $person->get("$job/loads.csv")->getBody();
        preg_match_all('/^"?(Lamp \d+-\d+)"?,/m', $csv, $present);
        self::assertGreaterThan(self::TIMES, count($acknowledged), 'too little was acknowledged to mean anything');
        self::assertSame([], array_values(array_diff($acknowledged, $present[1])), 'an acknowledged write is gone');
        self::assertSame(count($present[1]), count(array_unique($present[1])));
        self::assertSame(200, $person->get("$job/loads")->getStatusCode());
    }

    private function newJob(Person $person): string
    {
        $person->page('/jobs/create');
        $answer = $person->send(
            'POST',
            '/jobs',
            [
                'title' => 'Killed and back', 'new_customer' => 'Nobody', 'vehicle_kind' => 'trailer', 'system_v' => '12',
                'wish_days' => '1', 'hook_up' => 'never', 'driving_h_day' => '0',
            ],
            '/jobs/create',
        );

        return (string) preg_replace('~/survey$~', '', (string) parse_url($answer->getHeaderLine('Location'), PHP_URL_PATH));
    }

    /** A child that ends the database after so many milliseconds. */
    private function killSoon(int $ms): int
    {
        $pid = pcntl_fork();
        self::assertNotSame(-1, $pid);
        if ($pid === 0) {
            usleep(1000 * $ms);
            posix_kill((int) file_get_contents(getenv('PEBBLEFELL_RUN') . '/mariadb.pid'), SIGKILL);
            posix_kill(posix_getpid(), SIGKILL);
        }

        return $pid;
    }
}
