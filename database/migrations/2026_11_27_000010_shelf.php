<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What the workshop keeps on its shelves: cable by the metre, lugs, ferrules, fuses; price of one, how much is there, and where.
        Schema::create('shelf_items', static function (Blueprint $table): void {
            $table->id();
            $table->string('item', 120)->unique();
            $table->decimal('price', 10, 2)->nullable();
            $table->decimal('stock', 10, 1)->nullable();
            $table->string('place', 60)->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shelf_items');
    }
};
