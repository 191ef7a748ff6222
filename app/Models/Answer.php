<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\System\Answer as CoreAnswer;
use Pebblefell\System\Sheet\FieldList;

/**
 * Keeps what a person said to a finding.
 */
final class Answer extends Row
{
    use JobRow;

    private const COLUMNS = ['by' => 'answered_by', 'at' => 'answered_at'];
    private const BESIDE = [];

    protected $table = 'answers';

    public static function fields(): FieldList
    {
        return CoreAnswer::fields();
    }
}
