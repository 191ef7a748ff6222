<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A recall counts and orders thousands of parts; all that it asks of them stands here.
        Schema::table('parts', static fn(Blueprint $table) => $table->index(['make', 'model', 'fate', 'job_id'], 'parts_recall_index'));
    }

    public function down(): void
    {
        Schema::table('parts', static fn(Blueprint $table) => $table->dropIndex('parts_recall_index'));
    }
};
