<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\Setting\Parameter;
use Pebblefell\System\SettingEntry;
use Pebblefell\System\Sheet\FieldList;

/**
 * One box of one device: found, planned otherwise than the profile, as set, read back.
 *
 * @property Parameter $parameter
 */
final class Setting extends Row
{
    use JobRow;

    private const COLUMNS = ['part' => 'part_uid', 'by' => 'entered_by', 'at' => 'entered_at'];
    private const BESIDE = [];

    protected $table = 'settings';

    public static function fields(): FieldList
    {
        return SettingEntry::fields();
    }
}
