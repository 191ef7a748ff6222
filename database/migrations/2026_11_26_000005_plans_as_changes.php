<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('conductors', static function (Blueprint $table): void {
            $table->string('planned_from', 60)->nullable();
            $table->string('planned_to', 60)->nullable();
        });
        Schema::table('parts', static function (Blueprint $table): void {
            $table->string('planned_place', 160)->default('');
        });
        Schema::create('choices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 20);
            $table->string('name', 120);
            $table->string('group', 80)->default('');
            $table->json('changes');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'uid']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('choices');
        Schema::table('parts', static fn(Blueprint $table) => $table->dropColumn('planned_place'));
        Schema::table('conductors', static fn(Blueprint $table) => $table->dropColumn(['planned_from', 'planned_to']));
    }
};
