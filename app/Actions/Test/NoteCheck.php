<?php

declare(strict_types=1);

namespace App\Actions\Test;

use App\Actions\NoteTick;
use App\Models\Job;
use App\Models\Tick;
use App\Record\LiveDischarge;
use App\Record\Studies;
use Carbon\CarbonInterface;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\NotedTick as Noted;
use Pebblefell\Stage\Test\DeviceWay;
use Pebblefell\Stage\Test\FaultPath;
use Pebblefell\Stage\Test\Hunt;
use Pebblefell\Stage\Test\Proof;
use Pebblefell\Stage\Ticks;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** Notes a reading of the test sheet, a drop between two points of a way, or an answer on the way to the cause of a miss. */
final class NoteCheck
{
    public function __construct(private readonly NoteTick $note)
    {
    }

    /**
     * @param array{step: string, state: string, value: ?float, amps: ?float, note: string, at: CarbonInterface, by: string,
     *     client_id: ?string} $said
     *
     * @throws InvalidValue at /step for a check that the plan does not have; at /value and /amps where a reading is wanted
     */
    public function __invoke(Job $job, array $said): bool
    {
        return ($this->note)($job, Tick::TEST, $said, static function () use ($job, $said): void {
            $study = Studies::of($job);
            if (str_starts_with($said['step'], 'ask.')) {
                self::mustAnswer($study, $said);

                return;
            }
            if (str_starts_with($said['step'], 'proof.')) {
                self::mustRead($study, $said);

                return;
            }
            if (str_starts_with($said['step'], 'capacity.')) {
                self::mustDischarge($study, $said);

                return;
            }
            $drop = str_starts_with($said['step'], 'drop.');
            $check = $drop ? null : $study->testSheet()->check($said['step']);
            if ($drop ? !self::isOnAWay($study, $said['step']) : $check === null) {
                throw InvalidValue::at('/step', 'no-check');
            }
            if ($said['state'] !== Noted::DONE || ($check !== null && $check->reading === null)) {
                return;
            }
            if ($said['value'] === null) {
                throw InvalidValue::at('/value', 'wants-reading');
            }
            if (($drop || $check->reading->wantsAmps()) && ($said['amps'] === null || $said['amps'] <= 0.0)) {
                throw InvalidValue::at('/amps', 'wants-amps');
            }
        }, static fn() => null);
    }

    /**
     * Yes or no to a question about a line that missed.
     *
     * @param array{step: string, state: string, value: ?float} $said
     *
     * @throws InvalidValue
     */
    private static function mustAnswer(Study $study, array $said): void
    {
        if (!FaultPath::isAnswer($study->testSheet(), $said['step'])) {
            throw InvalidValue::at('/step', 'no-check');
        }
        if ($said['state'] === Noted::DONE && !in_array($said['value'], [0.0, 1.0], true)) {
            throw InvalidValue::at('/value', 'wants-answer');
        }
    }

    /**
     * A reading of the ten-minute proof, with what flows in the main lead: before any load that may be nothing.
     *
     * @param array{step: string, state: string, value: ?float, amps: ?float} $said
     *
     * @throws InvalidValue
     */
    private static function mustRead(Study $study, array $said): void
    {
        if (!in_array($said['step'], array_column(Proof::of($study, Ticks::none())->asks ?? [], 'step'), true)) {
            throw InvalidValue::at('/step', 'no-check');
        }
        if ($said['state'] === Noted::DONE && $said['value'] === null) {
            throw InvalidValue::at('/value', 'wants-reading');
        }
        if ($said['state'] === Noted::DONE && $said['amps'] === null) {
            throw InvalidValue::at('/amps', 'wants-amps');
        }
    }

    /**
     * A reading of a discharge that runs: volts and amps of a battery of the plan.
     *
     * @param array{step: string, state: string, value: ?float, amps: ?float} $said
     *
     * @throws InvalidValue
     */
    private static function mustDischarge(Study $study, array $said): void
    {
        $steps = array_map(static fn(Part $p): string => LiveDischarge::step($p->uid), $study->planned()->houseBatteries());
        if (!in_array($said['step'], $steps, true)) {
            throw InvalidValue::at('/step', 'no-check');
        }
        if ($said['state'] === Noted::DONE && ($said['value'] === null || $said['value'] <= 0.0)) {
            throw InvalidValue::at('/value', 'wants-reading');
        }
        if ($said['state'] === Noted::DONE && ($said['amps'] === null || $said['amps'] <= 0.0)) {
            throw InvalidValue::at('/amps', 'wants-amps');
        }
    }

    private static function isOnAWay(Study $study, string $step): bool
    {
        foreach (DeviceWay::all($study) as $way) {
            [$from, $to] = Hunt::points($way, $step);
            $points = array_map(strval(...), $way->points);
            [$a, $b] = [array_search($from, $points, true), array_search($to, $points, true)];
            if ($a !== false && $b !== false && $a < $b) {
                return true;
            }
        }

        return false;
    }
}
