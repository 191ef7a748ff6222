<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->json('stay')->nullable();
            $table->double('budget')->nullable();
        });
        Schema::table('places', static function (Blueprint $table): void {
            $table->double('record_low_c')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('jobs', static fn(Blueprint $table) => $table->dropColumn(['stay', 'budget']));
        Schema::table('places', static fn(Blueprint $table) => $table->dropColumn('record_low_c'));
    }
};
