<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // How many people work on vehicles at one time: jobs that stand in different bays share them. Null: not said.
        Schema::table('workshops', static fn(Blueprint $table) => $table->unsignedSmallInteger('crew')->nullable());
    }

    public function down(): void
    {
        Schema::table('workshops', static fn(Blueprint $table) => $table->dropColumn('crew'));
    }
};
