<?php

declare(strict_types=1);

namespace App\Http\Pages\Test;

use App\Http\Workbench;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Test\Hunt;
use Pebblefell\Stage\Test\Proof;
use Pebblefell\Stage\Test\ProofCircuit;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Shows what stands on the ten-minute proof: what to switch on and where to read, and what that says of each run, joint and battery.
 *
 * @phpstan-import-type Unknown from ProofCircuit
 * @phpstan-import-type Asked from ProofCircuit
 */
final readonly class ProofPage
{
    public function __construct(private Workbench $bench, public ?Proof $proof)
    {
    }

    public function answer(): string
    {
        $proof = $this->proof;
        $words = fn(string $key, array $args = []): string => $this->bench->say->word("tests.proof.$key", $args);
        if ($proof === null) {
            return $words('none');
        }
        if ($proof->runs === []) {
            return $words('start', ['count' => count($proof->asks)]);
        }
        $bad = array_map(
            fn(array $line): string => implode(
                $this->bench->say->word('tests.proof.or'),
                array_map(fn(array $f): string => $this->piece($f['unknown']), array_slice($line, 0, 3)),
            ),
            $proof->faults,
        );

        return match (true) {
            // As long as readings are missing, several things explain what was read: it is named once that is one of them.
            $bad !== [] && !$proof->isDone() && $proof->faults[0][0]['chance'] <= Hunt::SURE => $words('something'),
            $bad !== [] => $words('bad', ['pieces' => Word::typed(implode('; ', $bad))]),
            $proof->isDone() => $words('sound', ['percent' => Amount::of(round(100.0 * $proof->sound), '%')]),
            default => $words('so-far'),
        } . ($proof->isDone() ? '' : ' ' . $words(
            'to-go',
            ['count' => count(array_filter($proof->asks, static fn(array $a): bool => $a['value'] === null))],
        ));
    }

    /**
     * The readings, by what is switched on before them.
     *
     * @return list<array{title: string, do: string, asks: list<Asked>}>
     */
    public function steps(): array
    {
        $steps = [];
        foreach ($this->proof->asks ?? [] as $ask) {
            $load = $ask['at'] === 0 ? null : $this->proof->loads[$ask['at'] - 1] ?? null;
            $steps[$ask['at']] ??= [
                'title' => $load === null ? $this->bench->say->word('tests.proof.all-off') : $this->bench->say->word('tests.proof.on', [
                    'load' => Word::typed($load['name']), 'amps' => Amount::of($load['amps'], 'A'),
                ]),
                'do' => $this->bench->say->word($load === null ? 'tests.proof.all-off-do' : 'tests.proof.on-do'),
                'asks' => [],
            ];
            $steps[$ask['at']]['asks'][] = $ask;
        }

        return array_values($steps);
    }

    /**
     * "Volts at the bars of the bank"
     *
     * @param Asked $ask
     */
    public function asks(array $ask): string
    {
        $args = ['part' => $ask['part'] === null ? '' : Word::typed($this->bench->say->onePart($ask['part']))];

        return $this->bench->say->word('tests.proof.reads.' . match (true) {
            $ask['what'] === Proof::BANK => 'bank',
            str_ends_with($ask['what'], Proof::POSTS) => 'posts',
            $this->isAmps($ask) => 'amps',
            default => 'device',
        }, $args);
    }

    /**
     * @param Asked $ask
     */
    public function unit(array $ask): string
    {
        return $this->isAmps($ask) ? 'A' : 'V';
    }

    /**
     * @param Asked $ask
     */
    public function promised(array $ask): string
    {
        return $ask['promised'] === null ? '' : $this->bench->show->text($ask['promised'], $this->unit($ask), $this->isAmps($ask) ? 1 : 3);
    }

    /**
     * @param Asked $ask
     */
    public function reading(array $ask): string
    {
        return $ask['value'] === null ? '' : $this->bench->show->text($ask['value'], $this->unit($ask), $this->isAmps($ask) ? 1 : 3)
            . ' ' . $this->bench->say->word('tests.proof.at', ['amps' => Amount::of((float) $ask['amps'], 'A')]);
    }

    /**
     * Returns what flowed when the step's first reading was taken: the others are taken at the same.
     *
     * @param Asked $ask
     */
    public function amps(array $ask): string
    {
        foreach ($this->proof->asks ?? [] as $a) {
            if ($a['at'] === $ask['at'] && $a['amps'] !== null) {
                return $this->bench->show->field($a['amps']);
            }
        }

        return $ask['at'] === 0 ? '0' : '';
    }

    /**
     * @param Asked $ask
     */
    private function isAmps(array $ask): bool
    {
        return $ask['part']?->is(Family::Battery) === true && !str_ends_with($ask['what'], Proof::POSTS);
    }

    /**
     * @param Unknown $unknown
     */
    public function piece(array $unknown): string
    {
        if ($unknown['by'] instanceof Part) {
            return $this->bench->say->onePart($unknown['by']);
        }
        $point = function (?Point $point): string {
            $part = $point === null ? null : $this->bench->study->planned()->parts[$point->uid] ?? null;

            return $part === null || $point === null ? '' : $this->bench->say->word('tests.hunt.point', [
                'part' => $this->bench->say->onePart($part), 'terminal' => $this->bench->say->terminal($part->kind, $point->terminal),
            ]);
        };

        return $this->bench->say->word('tests.hunt.lead', ['from' => $point($unknown['from']), 'to' => $point($unknown['to'])]);
    }

    /** "3.2 ± 0.2 mΩ" */
    public function ohm(float $ohm, float $sigma): string
    {
        return $this->bench->show->text(1000.0 * $ohm, '', 2) . ' ± ' . $this->bench->show->text(1000.0 * $sigma, 'mΩ', 2);
    }
}
