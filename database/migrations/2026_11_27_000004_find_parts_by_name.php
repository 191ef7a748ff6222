<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Makes and models are few: they are read off the index, and a recall goes by them.
        Schema::table('parts', static fn(Blueprint $table) => $table->index(['make', 'model'], 'parts_name_index'));
    }

    public function down(): void
    {
        Schema::table('parts', static fn(Blueprint $table) => $table->dropIndex('parts_name_index'));
    }
};
