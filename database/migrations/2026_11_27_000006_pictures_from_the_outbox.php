<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A picture that was taken without a network arrives once, however often it is sent.
        Schema::table('photos', static fn(Blueprint $table) => $table->uuid('client_id')->nullable()->unique());
    }

    public function down(): void
    {
        Schema::table('photos', static fn(Blueprint $table) => $table->dropColumn('client_id'));
    }
};
