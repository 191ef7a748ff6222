<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What is remembered of a trial stay's log is remembered of any log with the same first line, and more of it.
        Schema::table('log_columns', static function (Blueprint $table): void {
            $table->string('charge_column', 120)->nullable()->change();
            $table->string('volts_column', 120)->nullable();
            $table->string('amps_column', 120)->nullable();
            $table->string('sun_column', 120)->nullable();
            $table->boolean('out_is_positive')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('log_columns', static fn(Blueprint $table) => $table->dropColumn(['volts_column', 'amps_column', 'sun_column', 'out_is_positive']));
    }
};
