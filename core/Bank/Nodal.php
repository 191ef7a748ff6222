<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Exception\InvalidValue;

/**
 * Conductances between the nodes of a network, eliminated once so that every further question costs little.
 *
 * The matrix is symmetric and, with one node grounded and every node connected to it, positive definite: no pivoting is needed. The node
 * with the fewest neighbours goes first, so that a bank's ladder stays as thin as it is drawn. References: George & Liu 1981 (minimum
 * degree); Golub & Van Loan, LDLᵀ (from memory).
 */
final readonly class Nodal
{
    /**
     * @param list<int>                    $order   nodes as they were eliminated
     * @param array<int, float>            $pivot   S, by node
     * @param array<int, array<int, float>> $factor conductance to later nodes ÷ pivot
     */
    private function __construct(private array $order, private array $pivot, private array $factor)
    {
    }

    /**
     * @param int                                  $count  nodes, numbered from 0
     * @param list<array{int, int, float}> $branches from, to and S of each
     *
     * @throws InvalidValue at /links when a node hangs in the air
     */
    public static function of(int $count, array $branches, int $ground): self
    {
        $sum = array_fill(0, $count, 0.0);
        $to = array_fill(0, $count, []);
        foreach ($branches as [$a, $b, $siemens]) {
            $sum[$a] += $siemens;
            $sum[$b] += $siemens;
            if ($a !== $ground && $b !== $ground) {
                $to[$a][$b] = ($to[$a][$b] ?? 0.0) + $siemens;
                $to[$b][$a] = ($to[$b][$a] ?? 0.0) + $siemens;
            }
        }
        // By their number of neighbours; one that has changed is put in again, and its older entries are passed over.
        $buckets = [];
        foreach ($to as $node => $neighbours) {
            if ($node !== $ground) {
                $buckets[count($neighbours)][] = $node;
            }
        }
        $order = $pivot = $factor = [];
        for ($degree = 0; count($order) < $count - 1;) {
            if (empty($buckets[$degree])) {
                ++$degree;
                continue;
            }
            $node = array_pop($buckets[$degree]);
            if (isset($pivot[$node]) || count($to[$node]) !== $degree) {
                continue;
            }
            $d = $sum[$node];
            if ($d < 1e-30) {
                throw InvalidValue::at('/links', 'no-answer');
            }
            $order[] = $node;
            $pivot[$node] = $d;
            $factor[$node] = [];
            $neighbours = $to[$node];
            foreach ($neighbours as $q => $g) {
                $share = $g / $d;
                $factor[$node][$q] = $share;
                unset($to[$q][$node]);
                $sum[$q] -= $g * $share;
                foreach ($neighbours as $r => $h) {
                    if ($r !== $q) {
                        $to[$q][$r] = ($to[$q][$r] ?? 0.0) + $share * $h;
                    }
                }
            }
            foreach ($neighbours as $q => $g) {
                $buckets[count($to[$q])][] = $q;
                $degree = min($degree, count($to[$q]));
            }
        }

        return new self($order, $pivot, $factor);
    }

    /**
     * Volts of every node but the ground, for amps put into nodes.
     *
     * @param array<int, float> $amps by node
     *
     * @return array<int, float>
     */
    public function volts(array $amps): array
    {
        foreach ($this->order as $node) {
            $a = $amps[$node] ?? 0.0;
            if ($a !== 0.0) {
                foreach ($this->factor[$node] as $q => $share) {
                    $amps[$q] = ($amps[$q] ?? 0.0) + $share * $a;
                }
            }
        }
        $volts = [];
        for ($i = count($this->order) - 1; $i >= 0; --$i) {
            $node = $this->order[$i];
            $v = ($amps[$node] ?? 0.0) / $this->pivot[$node];
            foreach ($this->factor[$node] as $q => $share) {
                $v += $share * $volts[$q];
            }
            $volts[$node] = $v;
        }

        return $volts;
    }
}
