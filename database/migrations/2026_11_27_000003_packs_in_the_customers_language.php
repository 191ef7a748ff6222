<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('handovers', static function (Blueprint $table): void {
            $table->string('language', 5)->default('en');
            $table->char('sha256', 64)->default('');
            $table->longText('night')->nullable();
            $table->date('expires_on')->nullable();
            $table->unsignedInteger('opened')->default(0);
            // The job's revision when it was issued.
            $table->unsignedBigInteger('revision')->default(0);
        });
        DB::statement('UPDATE handovers SET sha256 = SHA2(document, 256), revision = (SELECT revision FROM jobs WHERE jobs.id = handovers.job_id)');
    }

    public function down(): void
    {
        Schema::table('handovers', static fn(Blueprint $table) => $table->dropColumn(['language', 'sha256', 'night', 'expires_on', 'opened', 'revision']));
    }
};
