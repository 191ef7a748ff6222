<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Whoever writes to a job writes here first: on a cluster a lock that is only read holds on one node alone.
        Schema::table('jobs', static fn(Blueprint $table) => $table->unsignedBigInteger('turn')->default(0));
        // What several application servers share: who is signed in, what is counted a minute, what was written whole.
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('cache', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration')->index();
        });
        Schema::create('cache_locks', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration')->index();
        });
        Schema::create('receipts', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->timestamp('written_at')->index();
        });
    }

    public function down(): void
    {
        foreach (['receipts', 'cache_locks', 'cache', 'sessions'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('jobs', static fn(Blueprint $table) => $table->dropColumn('turn'));
    }
};
