<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('conductors', static function (Blueprint $table): void {
            $table->double('ambient_c')->nullable();
            $table->unsignedSmallInteger('grouped')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('conductors', static fn(Blueprint $table) => $table->dropColumn(['ambient_c', 'grouped']));
    }
};
