<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What was noted at the steps of a sheet: added to, never changed; the last word on a step counts.
        Schema::create('ticks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            // Made by the device on which it was noted, so that what is sent twice is kept once.
            $table->uuid('client_id')->unique();
            $table->string('sheet', 20);
            $table->string('step', 80);
            $table->string('state', 20);
            $table->double('value')->nullable();
            $table->double('amps')->nullable();
            $table->string('note', 500)->default('');
            $table->string('by', 120)->default('');
            $table->dateTime('noted_at');
            $table->dateTime('created_at');
            $table->index(['job_id', 'sheet', 'noted_at']);
            $table->index(['sheet', 'noted_at']);
        });
        Schema::create('day_plans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->dateTime('starts_at');
            // As forecast when it was last looked at or noted at.
            $table->dateTime('ends_at');
            $table->string('bay', 80)->default('');
            $table->unsignedInteger('people')->default(1);
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->index(['ends_at', 'starts_at']);
        });
        // When the workshop is busy otherwise, from its own calendar.
        Schema::create('busy_times', static function (Blueprint $table): void {
            $table->id();
            $table->dateTime('from');
            $table->dateTime('to');
            $table->string('what', 160)->default('');
            $table->string('source', 120)->default('');
            $table->index(['to', 'from']);
        });
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->double('opens_h')->default(8);
            $table->double('closes_h')->default(17);
            // 1 Monday to 7 Sunday, ISO 8601; null: Monday to Friday.
            $table->json('work_days')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('workshops', static fn(Blueprint $table) => $table->dropColumn(['opens_h', 'closes_h', 'work_days']));
        Schema::dropIfExists('busy_times');
        Schema::dropIfExists('day_plans');
        Schema::dropIfExists('ticks');
    }
};
