<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->string('title', 160);
            $table->foreignId('customer_id')->constrained()->restrictOnDelete();
            $table->foreignId('place_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('region', 40)->nullable();
            $table->string('target_chemistry', 20)->default('lfp');
            $table->string('vehicle_kind', 40);
            $table->string('vehicle_description', 200)->default('');
            $table->string('registration', 40)->default('');
            $table->double('system_v')->default(12);
            $table->boolean('chassis_bonded')->default(true);
            $table->double('length_m')->nullable();
            $table->unsignedSmallInteger('axles')->nullable();
            $table->double('payload_kg')->nullable();
            $table->double('axle_kg')->nullable();
            $table->double('roof_m2')->nullable();
            $table->double('bay_length_mm')->nullable();
            $table->double('bay_width_mm')->nullable();
            $table->double('bay_height_mm')->nullable();
            $table->json('months');
            $table->double('wish_days')->default(3);
            $table->string('hook_up', 20)->default('sometimes');
            $table->double('driving_h_day')->default(1);
            $table->double('coldest_battery_c')->nullable();
            $table->json('shade');
            $table->text('travel_notes');
            $table->unsignedInteger('next_uid')->default(1);
            $table->unsignedInteger('revision')->default(1);
            $table->unsignedInteger('digest_revision')->default(0);
            $table->json('digest')->nullable();
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->index('updated_at');
        });

        Schema::create('parts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 20);
            $table->string('kind', 40);
            $table->string('fate', 20)->default('keep');
            $table->string('role', 20)->default('house');
            $table->string('make', 80)->default('');
            $table->string('model', 120)->default('');
            $table->string('serial', 120)->default('')->index();
            $table->string('firmware', 80)->default('');
            $table->string('place', 160)->default('');
            $table->string('replaces', 20)->default('');
            $table->string('note', 500)->default('');
            $table->json('data');
            $table->json('origins');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'uid']);
        });

        Schema::create('photos', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained()->cascadeOnDelete();
            $table->char('sha256', 64);
            $table->string('path', 160);
            $table->string('caption', 200)->default('');
            $table->unsignedSmallInteger('width_px');
            $table->unsignedSmallInteger('height_px');
            $table->timestamps();
        });

        Schema::create('conductors', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 20);
            $table->string('from_terminal', 60);
            $table->string('to_terminal', 60);
            $table->string('fate', 20)->default('keep');
            $table->double('size_mm2')->nullable();
            $table->double('length_m')->nullable();
            $table->double('insulation_c')->nullable();
            $table->string('route', 200)->default('');
            $table->string('protected_by', 20)->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'uid']);
        });

        Schema::create('signals', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 20);
            $table->string('kind', 40);
            $table->string('from_part', 20);
            $table->string('to_part', 20);
            $table->string('fate', 20)->default('keep');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'uid']);
        });

        Schema::create('scenarios', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 20);
            $table->string('name', 80);
            $table->boolean('sizing')->default(false);
            $table->boolean('inverter_always_on')->default(false);
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'uid']);
        });

        Schema::create('appliances', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 20);
            $table->string('name', 120);
            $table->string('side', 2);
            $table->double('watts');
            $table->double('quantity')->default(1);
            $table->double('duty_pct')->default(100);
            $table->double('standby_w')->default(0);
            $table->double('surge_w')->nullable();
            $table->string('circuit', 120)->default('');
            $table->json('hours');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'uid']);
        });

        Schema::create('settings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('part_uid', 20);
            $table->string('parameter', 40);
            $table->string('found', 20)->nullable();
            $table->string('planned', 20)->nullable();
            $table->string('as_set', 20)->nullable();
            $table->string('read_back', 20)->nullable();
            $table->string('entered_by', 120)->default('');
            $table->string('entered_at', 40)->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'part_uid', 'parameter']);
        });

        Schema::create('measurements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 20);
            $table->string('part_uid', 20);
            $table->string('quantity', 20);
            $table->double('value');
            $table->string('measured_at', 40);
            $table->string('measured_by', 120)->default('');
            $table->string('instrument', 120)->default('');
            $table->string('terminal', 40)->default('');
            $table->string('note', 300)->default('');
            $table->unsignedInteger('lock_version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'uid']);
        });

        Schema::create('answers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('finding', 120);
            $table->string('fingerprint', 400);
            $table->string('answer', 20);
            $table->string('reason', 500)->default('');
            $table->string('answered_by', 120);
            $table->string('answered_at', 40);
            $table->timestamps();
        });

        Schema::create('handovers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->char('token', 40)->unique();
            $table->longText('document');
            $table->string('issued_by', 120);
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
            $table->unique(['job_id', 'number']);
        });
    }

    public function down(): void
    {
        foreach (['handovers', 'answers', 'measurements', 'settings', 'appliances', 'scenarios', 'signals', 'conductors', 'photos', 'parts', 'jobs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
