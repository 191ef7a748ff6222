<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Beside the moment on the wall, which names the day: on two days of a year that clock does not count the seconds.
        Schema::table('log_rows', static fn(Blueprint $table) => $table->bigInteger('s')->nullable());
        Schema::table('log_files', static fn(Blueprint $table) => $table->unsignedInteger('read_lines')->default(0));
        $zone = new DateTimeZone((string) (DB::table('workshops')->value('timezone') ?? 'UTC'));
        foreach (DB::table('log_files')->pluck('id') as $id) {
            // Day by day, with what the clock showed at noon; the sums of their days were made when they were read, and stay.
            foreach (DB::table('log_rows')->where('log_file_id', $id)->selectRaw('DISTINCT DATE(at) AS day')->pluck('day') as $day) {
                $offset = $zone->getOffset(new DateTimeImmutable("$day 12:00", $zone));
                DB::update("UPDATE log_rows SET s = TIMESTAMPDIFF(SECOND, '1970-01-01', at) - ?"
                    . ' WHERE log_file_id = ? AND at >= ? AND at < ? + INTERVAL 1 DAY', [$offset, $id, $day, $day]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('log_rows', static fn(Blueprint $table) => $table->dropColumn('s'));
        Schema::table('log_files', static fn(Blueprint $table) => $table->dropColumn('read_lines'));
    }
};
