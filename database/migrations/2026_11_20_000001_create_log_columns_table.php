<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Which column of a monitor's log is which, kept for each kind of log by the names in its first line.
        Schema::create('log_columns', static function (Blueprint $table): void {
            $table->id();
            $table->char('signature', 64)->unique();
            $table->string('time_column', 120);
            $table->string('charge_column', 120);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('log_columns');
    }
};
