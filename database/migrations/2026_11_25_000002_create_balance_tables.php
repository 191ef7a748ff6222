<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Where the clock on the wall hangs: what waits until when is said in its time.
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->string('timezone', 64)->default('UTC');
        });
        // Place among the bank's batteries, from 1; 0: as they came.
        Schema::table('parts', static function (Blueprint $table): void {
            $table->unsignedInteger('position')->default(0);
        });
        Schema::create('balance_sessions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('protocol', 20);
            $table->double('link_ohm');
            $table->double('lead_a')->nullable();
            // The chargers that there are: name and A of each.
            $table->json('chargers');
            $table->dateTime('started_at');
            $table->dateTime('joined_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->boolean('passed')->default(false);
            $table->string('note', 300)->default('');
            // The simulated bench: its own clock and hidden states; null where real instruments read.
            $table->dateTime('clock')->nullable();
            $table->json('bench')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->index(['ended_at', 'job_id']);
        });
        Schema::create('balance_batteries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('balance_session_id')->constrained()->cascadeOnDelete();
            $table->string('part_uid', 20);
            $table->string('step', 20);
            $table->dateTime('since');
            $table->string('charger', 120)->default('');
            $table->double('charger_a')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['balance_session_id', 'part_uid']);
        });
        Schema::create('balance_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('balance_battery_id')->constrained()->cascadeOnDelete();
            // Made by whoever read it, so that a reading that is sent twice is kept once.
            $table->uuid('client_id')->unique();
            $table->dateTime('read_at');
            $table->double('volts');
            $table->double('amps')->nullable();
            $table->double('celsius')->nullable();
            // Volts of each cell, where a cell meter reads.
            $table->json('cells')->nullable();
            $table->string('step', 20);
            $table->string('source', 20);
            $table->string('by', 120)->default('');
            $table->dateTime('created_at');
            $table->index(['balance_battery_id', 'read_at']);
        });
    }

    public function down(): void
    {
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->dropColumn('timezone');
        });
        Schema::table('parts', static function (Blueprint $table): void {
            $table->dropColumn('position');
        });
        Schema::dropIfExists('balance_readings');
        Schema::dropIfExists('balance_batteries');
        Schema::dropIfExists('balance_sessions');
    }
};
