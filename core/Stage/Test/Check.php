<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Stage\Reading;

/** One line of the test sheet. Its words stand under `does` in lang/NAME/tests.php. */
final readonly class Check
{
    /**
     * @param string               $key      names it as long as the plan has it: "source.p7"
     * @param string               $group    before, sources, loads, joints, mains, guards or after
     * @param array<string, mixed> $args     what stands in the words
     * @param ?Reading             $reading  null: it is seen, not measured
     * @param ?float               $expected what the model promises, in the reading's unit (a volt per ampere where it grows with the
     *     current)
     * @param list<string>         $causes   what a miss usually means, likeliest first: keys of tests.causes
     * @param list<string>         $parts    uids
     */
    public function __construct(
        public string $key,
        public string $group,
        public string $does,
        public array $args = [],
        public ?Reading $reading = null,
        public ?float $expected = null,
        public array $causes = [],
        public array $parts = [],
    ) {
    }
}
