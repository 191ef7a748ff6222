<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->boolean('active')->default(true);
            $table->boolean('must_change_password')->default(false);
            $table->rememberToken();
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
        });

        Schema::create('places', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->double('latitude_deg');
            $table->double('longitude_deg')->default(0);
            $table->json('clearness');
            $table->json('min_c');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
        });

        Schema::create('workshops', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('address', 250)->default('');
            $table->string('phone', 60)->default('');
            $table->string('email', 190)->default('');
            $table->string('region', 40);
            $table->string('first_terminal', 20)->default('negative');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
        });

        Schema::create('customers', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 160)->index();
            $table->string('email', 190)->default('');
            $table->string('phone', 60)->default('');
            $table->string('address', 250)->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
        });

        Schema::create('library_parts', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 40);
            $table->string('make', 80);
            $table->string('model', 120);
            $table->json('data');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['kind', 'make', 'model']);
        });
    }

    public function down(): void
    {
        foreach (['library_parts', 'customers', 'workshops', 'places', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
