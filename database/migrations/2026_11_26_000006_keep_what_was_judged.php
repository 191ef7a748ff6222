<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The model as it was read, what was said of it, and what was simulated: one row a job, thrown away and made again at will.
        Schema::drop('kept_studies');
        Schema::create('kept_studies', static function (Blueprint $table): void {
            $table->foreignId('job_id')->primary()->constrained()->cascadeOnDelete();
            $table->char('state', 32);
            $table->mediumText('model')->charset('binary');
            $table->mediumText('simulated')->charset('binary');
        });
    }

    public function down(): void
    {
        Schema::drop('kept_studies');
        Schema::create('kept_studies', static function (Blueprint $table): void {
            $table->foreignId('job_id')->primary()->constrained()->cascadeOnDelete();
            $table->char('content', 32);
            $table->mediumText('simulated')->charset('binary');
        });
    }
};
