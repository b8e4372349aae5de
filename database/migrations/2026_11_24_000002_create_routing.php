<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('instruments', function (Blueprint $table): void {
            $table->id();
            $table->string('venue', 40);
            $table->string('name', 60);
            $table->json('spec');
            $table->timestamps(6);
            $table->unique(['venue', 'name']);
        });
        Schema::create('accounts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->string('name', 80);
            $table->string('venue', 40);
            $table->string('environment', 10);
            $table->text('credentials');
            $table->json('permissions');
            $table->string('currency', 12);
            $table->decimal('equity', 36, 18);
            $table->decimal('free', 36, 18);
            $table->string('trouble', 400)->nullable();
            $table->dateTime('checked_at', 6);
            $table->timestamps(6);
            $table->unique(['desk_id', 'name']);
        });
        Schema::create('inlets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->string('name', 80);
            $table->char('token_hash', 64)->unique();
            $table->text('token');
            $table->unsignedSmallInteger('per_minute')->default(300);
            $table->dateTime('last_heard_at', 6)->nullable();
            $table->timestamps(6);
            $table->unique(['desk_id', 'name']);
        });
        // In memory: counting a message must not cost a write to disk.
        DB::statement('CREATE TABLE inlet_counts (inlet_id BIGINT UNSIGNED PRIMARY KEY, minute BIGINT UNSIGNED NOT NULL, messages INT UNSIGNED NOT NULL) ENGINE = MEMORY');
        Schema::create('routes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('inlet_id')->constrained();
            $table->string('name', 80);
            $table->string('state', 20);
            $table->json('rules');
            $table->timestamps(6);
            $table->unique(['desk_id', 'name']);
        });
        Schema::create('account_route', function (Blueprint $table): void {
            $table->foreignId('route_id')->constrained()->cascadeOnDelete();
            $table->foreignId('account_id')->constrained();
            $table->primary(['route_id', 'account_id']);
        });
    }
};
