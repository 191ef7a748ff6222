<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What owners write by the link of their pack: a question to the workshop. It changes nothing by itself.
        Schema::create('messages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('handover_id')->constrained()->cascadeOnDelete();
            $table->text('text');
            $table->string('ran_short', 12)->default('');
            $table->json('readings')->nullable();
            $table->string('file_name', 160)->default('');
            $table->string('file_path', 160)->default('');
            $table->string('file_kind', 8)->default('');
            $table->timestamp('answered_at')->nullable();
            $table->string('answered_by', 120)->default('');
            $table->string('answer', 1000)->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->index(['answered_at', 'created_at']);
        });
        // Whom a recall was told, and who has answered.
        Schema::create('recall_notices', static function (Blueprint $table): void {
            $table->id();
            $table->char('recall', 32);
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('way', 8);
            $table->string('by', 120);
            $table->timestamp('answered_at')->nullable();
            $table->string('note', 500)->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['recall', 'job_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recall_notices');
        Schema::dropIfExists('messages');
    }
};
