<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('box_words', static function (Blueprint $table): void {
            $table->id();
            $table->string('word', 60)->unique();
            $table->string('parameter', 40);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('box_words');
    }
};
