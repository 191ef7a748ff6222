<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('offers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('token', 60)->unique();
            // Lines, sums and choices as they were offered: nothing is worked out again.
            $table->json('document');
            $table->date('valid_until');
            $table->string('issued_by', 120);
            $table->dateTime('withdrawn_at')->nullable();
            $table->dateTime('accepted_at')->nullable();
            $table->string('accepted_by', 160)->default('');
            $table->json('accepted')->nullable();
            $table->string('accepted_hash', 64)->default('');
            // When the accepted choices were laid on the plan.
            $table->dateTime('taken_at')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'number']);
        });
        // In which language a customer reads.
        Schema::table('customers', static fn(Blueprint $table) => $table->string('language', 5)->default('en'));
    }

    public function down(): void
    {
        Schema::table('customers', static fn(Blueprint $table) => $table->dropColumn('language'));
        Schema::dropIfExists('offers');
    }
};
