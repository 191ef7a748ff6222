<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A picture of a part may show its place, a run that ends on it, its settings screen or the roof that it lies on.
        Schema::table('photos', static fn(Blueprint $table) => $table->string('shows', 20)->default(''));
        DB::table('photos')->where('caption', 'settings screen, as read back')->update(['shows' => 'screen']);
    }

    public function down(): void
    {
        Schema::table('photos', static fn(Blueprint $table) => $table->dropColumn('shows'));
    }
};
