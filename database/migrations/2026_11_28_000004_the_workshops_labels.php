<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The sheet of labels that the workshop has at hand: columns x rows, width x height, left, top, gap, in mm.
        Schema::table('workshops', static fn(Blueprint $table) => $table->string('label_sheet', 80)->default(''));
    }

    public function down(): void
    {
        Schema::table('workshops', static fn(Blueprint $table) => $table->dropColumn('label_sheet'));
    }
};
