<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;

/**
 * What a person said to a finding.
 */
final class Answer extends Row
{
    use JobRow;

    public const FILE = [
        'finding' => 'finding',
        'fingerprint' => 'fingerprint',
        'answer' => 'answer',
        'reason' => 'reason',
        'by' => 'answered_by',
        'at' => 'answered_at',
    ];

    protected $table = 'answers';

    protected $fillable = ['finding', 'fingerprint', 'answer', 'reason', 'answered_by', 'answered_at'];

    protected $casts = [];

    protected $attributes = ['reason' => ''];
}
