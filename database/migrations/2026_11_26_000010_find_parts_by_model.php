<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('parts', static fn(Blueprint $table) => $table->index('model', 'parts_model_index'));
    }

    public function down(): void
    {
        Schema::table('parts', static fn(Blueprint $table) => $table->dropIndex('parts_model_index'));
    }
};
