<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('protections', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('route_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('decision_id')->constrained();
            $table->string('instrument', 60);
            $table->json('state');
            // What of it is working at the venue: the stop's price, and the numbers of targets.
            $table->json('held');
            // 1 while the position is open, null afterwards: an account has one open protection per instrument.
            $table->boolean('is_open')->nullable();
            // Whether the orders at the venue may have to be changed.
            $table->boolean('is_due')->default(true);
            $table->string('reason', 40)->nullable();
            $table->dateTime('opened_at', 6);
            $table->dateTime('closed_at', 6)->nullable();
            $table->dateTime('changed_at', 6);
            $table->unique(['account_id', 'instrument', 'is_open']);
            $table->index(['is_open', 'changed_at']);
        });
        // Where the stop has been: the path behind it on the chart.
        Schema::create('protection_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('protection_id')->constrained()->cascadeOnDelete();
            $table->decimal('stop', 36, 18);
            $table->string('why', 20);
            $table->dateTime('at', 6);
        });
        Schema::create('trades', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('account_id')->constrained();
            $table->foreignId('route_id')->nullable()->constrained()->nullOnDelete();
            $table->string('instrument', 60);
            $table->string('side', 5);
            $table->decimal('opened', 36, 18);
            $table->decimal('opened_value', 36, 18);
            $table->decimal('closed', 36, 18)->default(0);
            $table->decimal('closed_value', 36, 18)->default(0);
            $table->decimal('fees', 36, 18)->default(0);
            // Fees taken off, in the quote currency.
            $table->decimal('profit', 36, 18)->default(0);
            // What the first stop would have lost; null without one.
            $table->decimal('risk', 36, 18)->nullable();
            $table->string('reason', 40)->nullable();
            $table->dateTime('opened_at', 6);
            $table->dateTime('closed_at', 6)->nullable();
            $table->index(['desk_id', 'closed_at']);
            $table->index(['account_id', 'instrument', 'closed_at']);
        });
        Schema::table('fills', function (Blueprint $table): void {
            $table->foreignId('trade_id')->nullable()->constrained();
        });
        Schema::table('orders', function (Blueprint $table): void {
            $table->unsignedInteger('number')->change();
            $table->foreignId('protection_id')->nullable()->constrained();
            // Why it closes: stop, target 2, trail, signal, by hand …
            $table->string('reason', 40)->nullable();
            $table->unsignedSmallInteger('target')->nullable();
        });
        Schema::create('watchers', function (Blueprint $table): void {
            $table->string('holder', 80)->primary();
            $table->dateTime('seen_at', 6);
        });
        Schema::create('account_leases', function (Blueprint $table): void {
            // Which watcher looks after an account, and until when nobody else may.
            $table->foreignId('account_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('holder', 80);
            $table->dateTime('until', 6);
        });
    }
};
