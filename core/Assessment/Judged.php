<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

use Pebblefell\Stage;
use Pebblefell\Stage\Progress;
use Pebblefell\Study;

/** Tells what was said of a system, apart from the sums that led to it: it can be kept, and read back in a fraction of the time. */
final readonly class Judged
{
    /**
     * @param list<Verdict>                     $verdicts worst first
     * @param bool                              $alone    its bank has nobody to be balanced with
     * @param array<string, array<string, bool>> $done    by stage, then by what has been done with the job
     */
    private function __construct(public array $verdicts, public bool $alone, private array $done)
    {
    }

    public static function of(Study $study): self
    {
        $verdicts = Assessment::judge($study);
        $done = [];
        foreach (Stage::cases() as $stage) {
            for ($k = 0; $k < 32; ++$k) {
                $progress = new Progress(($k & 1) > 0, ($k & 2) > 0, ($k & 4) > 0, ($k & 8) > 0, ($k & 16) > 0);
                $done[$stage->value][self::key($progress)] = $stage->room()->isDone($study, $progress);
            }
        }

        return new self($verdicts, count($study->banks()->planned->bank->batteries ?? []) < 2, $done);
    }

    public function isDone(Stage $stage, Progress $progress): bool
    {
        return $this->done[$stage->value][self::key($progress)];
    }

    private static function key(Progress $progress): string
    {
        return ($progress->handedOver ? 'h' : '-') . ($progress->balanced ? 'b' : '-') . ($progress->worked ? 'w' : '-')
            . ($progress->proven ? 'p' : '-') . ($progress->caredFor ? 'c' : '-');
    }
}
