<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Chargers of the workshop, and when a job wants one, as last forecast. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('workshops', static fn(Blueprint $table) => $table->unsignedSmallInteger('chargers')->nullable());
        Schema::table('day_plans', static function (Blueprint $table): void {
            $table->dateTime('charges_from')->nullable();
            $table->dateTime('charges_to')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('day_plans', static fn(Blueprint $table) => $table->dropColumn(['charges_from', 'charges_to']));
        Schema::table('workshops', static fn(Blueprint $table) => $table->dropColumn('chargers'));
    }
};
