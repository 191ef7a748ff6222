<?php

declare(strict_types=1);

use App\Models\ApplianceNames;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('appliances', static function (Blueprint $table): void {
            $table->string('does', 12)->nullable();
        });
        foreach (DB::table('appliances')->distinct()->pluck('name') as $name) {
            DB::table('appliances')->where('name', $name)->update(['does' => ApplianceNames::does((string) $name)->value]);
        }
    }

    public function down(): void
    {
        Schema::table('appliances', static function (Blueprint $table): void {
            $table->dropColumn('does');
        });
    }
};
