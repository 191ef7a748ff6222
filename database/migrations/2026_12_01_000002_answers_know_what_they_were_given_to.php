<?php

declare(strict_types=1);

use App\Models\Part;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The place of a tick among those of its job, in the order in which they arrived.
        Schema::table('ticks', static fn(Blueprint $table) => $table->unsignedInteger('nth')->nullable());
        Schema::table('balance_batteries', static fn(Blueprint $table) => $table->string('serial', 120)->nullable());
        Schema::table('workshops', static fn(Blueprint $table) => $table->boolean('bench')->default(false));
        DB::statement('UPDATE ticks t JOIN (SELECT id, ROW_NUMBER() OVER (PARTITION BY job_id ORDER BY id) AS place FROM ticks) p'
            . ' ON p.id = t.id SET t.nth = p.place');
        // Who has used the simulated bench keeps it.
        DB::statement('UPDATE workshops SET bench = 1 WHERE EXISTS (SELECT 1 FROM balance_sessions WHERE bench IS NOT NULL)');
        $passed = DB::table('balance_batteries as b')->join('balance_sessions as s', 's.id', '=', 'b.balance_session_id')
            ->where('s.passed', true)->get(['b.id', 'b.part_uid', 's.job_id', 's.ended_at']);
        foreach ($passed as $row) {
            DB::table('balance_batteries')->where('id', $row->id)->update([
                'serial' => self::serialThen((int) $row->job_id, (string) $row->part_uid, $row->ended_at),
            ]);
        }
    }

    /**
     * The serial of a battery on the day of its session, if the history tells: what was changed since is undone.
     */
    private static function serialThen(int $job, string $uid, ?string $day): ?string
    {
        $part = DB::table('parts')->where('job_id', $job)->where('uid', $uid)->first(['id', 'serial', 'created_at']);
        if ($part === null || $day === null || $part->created_at > $day) {
            return null;
        }
        $serial = (string) $part->serial;
        $later = DB::table('activity_log')->where('subject_type', Part::class)->where('subject_id', $part->id)
            ->where('created_at', '>', $day)->orderByDesc('id')->pluck('properties');
        foreach ($later as $properties) {
            $old = json_decode((string) $properties, true)['old'] ?? [];
            $serial = array_key_exists('serial', $old) ? (string) $old['serial'] : $serial;
        }

        return $serial;
    }

    public function down(): void
    {
        Schema::table('ticks', static fn(Blueprint $table) => $table->dropColumn('nth'));
        Schema::table('balance_batteries', static fn(Blueprint $table) => $table->dropColumn('serial'));
        Schema::table('workshops', static fn(Blueprint $table) => $table->dropColumn('bench'));
    }
};
