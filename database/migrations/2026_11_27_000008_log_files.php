<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A monitor's log as its owner sent it: the file on the private disk, how it is read, and how far it has been read.
        Schema::create('log_files', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('name', 160);
            $table->string('path', 160);
            $table->string('form', 8);
            $table->json('header');
            $table->json('columns')->nullable();
            $table->unsignedBigInteger('bytes');
            $table->unsignedBigInteger('read_bytes')->default(0);
            $table->unsignedInteger('rows')->default(0);
            $table->unsignedInteger('refused')->default(0);
            $table->string('first_fault', 200)->default('');
            $table->timestamp('finished_at')->nullable();
            $table->json('days')->nullable();
            $table->string('by', 120);
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
        });
        // In the workshop's local time: its days are the owner's days.
        Schema::create('log_rows', static function (Blueprint $table): void {
            $table->foreignId('log_file_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('n');
            $table->dateTime('at');
            $table->float('volts')->nullable();
            $table->float('amps')->nullable();
            $table->float('charge_pct')->nullable();
            $table->float('sun_w')->nullable();
            $table->primary(['log_file_id', 'n']);
            $table->index(['log_file_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('log_rows');
        Schema::dropIfExists('log_files');
    }
};
