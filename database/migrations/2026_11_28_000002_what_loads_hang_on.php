<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The part that a load hangs on, where that is not what the others hang on: a fuse of its own, a battery of a system apart.
        Schema::table('appliances', static fn(Blueprint $table) => $table->string('fed_by', 20)->default(''));
    }

    public function down(): void
    {
        Schema::table('appliances', static fn(Blueprint $table) => $table->dropColumn('fed_by'));
    }
};
