<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What a model calls its boxes, where they stand in its menus, and in which order: the workshop's own knowledge, for every job.
        Schema::create('model_boxes', static function (Blueprint $table): void {
            $table->id();
            $table->string('make', 120);
            $table->string('model', 120);
            $table->string('parameter', 40);
            $table->string('word', 80)->default('');
            $table->string('path', 160)->default('');
            $table->unsignedSmallInteger('place')->default(0);
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['make', 'model', 'parameter']);
        });
        // Pairing codes and the like, sealed with the application's key. In no file, table, link or print.
        Schema::create('secrets', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('part_uid', 20);
            $table->string('label', 80);
            $table->text('sealed');
            $table->string('entered_by', 120);
            $table->timestamps();
            $table->index(['job_id', 'part_uid']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('secrets');
        Schema::dropIfExists('model_boxes');
    }
};
