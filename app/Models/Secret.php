<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A pairing code, a password: kept under the application's key, shown on purpose, and each showing is in the history. It is in no file, no
 * table, no link and no print; the history has its name, never itself.
 *
 * @property string $sealed decrypted when it is read
 */
final class Secret extends Row
{
    use Audited;

    /** Holds what it hides is not among them: the history keeps what is fillable. */
    protected $table = 'secrets';

    protected $fillable = ['part_uid', 'label', 'entered_by'];

    protected $hidden = ['sealed'];

    protected $casts = ['sealed' => 'encrypted'];

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }
}
