<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** Fuse families by their standards, where trade names stood. */
    private const FAMILIES = ['bolt_midi' => 'sf30', 'bolt_mega' => 'sf51'];

    public function up(): void
    {
        // A person holds one or more roles.
        Schema::table('users', static function (Blueprint $table): void {
            $table->json('roles')->nullable();
        });
        DB::statement('UPDATE users SET roles = JSON_ARRAY(role)');
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('role');
        });
        Schema::table('workshops', static function (Blueprint $table): void {
            $table->char('currency', 3)->default('EUR');
            $table->double('hourly_rate')->nullable();
            $table->json('bays')->nullable();
        });
        // What was issued is kept as it was issued: page, PDF, and which pictures, by hash.
        Schema::table('handovers', static function (Blueprint $table): void {
            $table->longText('page')->nullable();
            $table->binary('pdf')->nullable();
            $table->json('pictures')->nullable();
        });
        DB::statement('ALTER TABLE handovers MODIFY pdf LONGBLOB NULL');
        Schema::table('balance_sessions', static function (Blueprint $table): void {
            $table->json('waits')->nullable();
            $table->string('note', 2000)->default('')->change();
        });
        Schema::table('activity_log', static function (Blueprint $table): void {
            $table->index('batch_uuid');
        });
        foreach (['parts', 'library_parts'] as $table) {
            foreach (self::FAMILIES as $was => $is) {
                DB::statement("UPDATE $table SET data = REPLACE(data, ?, ?) WHERE kind = 'fuse'", ["\"$was\"", "\"$is\""]);
            }
        }
    }

    public function down(): void
    {
        foreach (['parts', 'library_parts'] as $table) {
            foreach (self::FAMILIES as $was => $is) {
                DB::statement("UPDATE $table SET data = REPLACE(data, ?, ?) WHERE kind = 'fuse'", ["\"$is\"", "\"$was\""]);
            }
        }
        Schema::table('activity_log', static fn(Blueprint $table) => $table->dropIndex(['batch_uuid']));
        Schema::table('balance_sessions', static fn(Blueprint $table) => $table->dropColumn('waits'));
        Schema::table('handovers', static fn(Blueprint $table) => $table->dropColumn(['page', 'pdf', 'pictures']));
        Schema::table('workshops', static fn(Blueprint $table) => $table->dropColumn(['currency', 'hourly_rate', 'bays']));
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('role', 20)->default('technician');
        });
        DB::statement("UPDATE users SET role = JSON_UNQUOTE(JSON_EXTRACT(roles, '$[0]'))");
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn('roles'));
    }
};
