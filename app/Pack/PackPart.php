<?php

declare(strict_types=1);

namespace App\Pack;

use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Study;

/** A page about one pack: its study, its units, its words. */
abstract readonly class PackPart
{
    protected Study $study;

    protected Show $show;

    protected Lexicon $say;

    public function __construct(public PackDocument $pack)
    {
        $this->study = $pack->assessment->study;
        $this->show = $pack->show;
        $this->say = $pack->say();
    }

    /**
     * @param array<string, mixed> $args
     */
    public function word(string $key, array $args = []): string
    {
        return $this->say->word("pack.$key", $args);
    }
}
