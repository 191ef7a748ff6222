<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('parts', static function (Blueprint $table): void {
            $table->string('part_of', 20)->default('');
        });
        Schema::table('jobs', static function (Blueprint $table): void {
            // What the brief asks besides, by its group: see Travel::details().
            $table->json('details')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('parts', static function (Blueprint $table): void {
            $table->dropColumn('part_of');
        });
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->dropColumn('details');
        });
    }
};
