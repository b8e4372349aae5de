<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('messages', function (Blueprint $table): void {
            $table->id();
            $table->ulid()->unique();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('inlet_id')->constrained();
            $table->binary('body');
            $table->string('content_type', 120)->nullable();
            $table->json('headers');
            $table->string('sender', 45);
            $table->boolean('dry')->default(false);
            $table->string('state', 20)->default('stored');
            $table->string('outcome', 600)->nullable();
            $table->json('signal')->nullable();
            $table->string('signal_id', 120)->nullable();
            $table->dateTime('received_at', 6);
            $table->unique(['inlet_id', 'signal_id']);
            $table->index(['inlet_id', 'received_at']);
            $table->index(['desk_id', 'id']);
            $table->index(['state', 'id']);
        });
        // A blob holds one byte less than the 64 KiB that an inlet takes.
        DB::statement('ALTER TABLE messages MODIFY body MEDIUMBLOB NOT NULL');
        Schema::create('decisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('message_id')->constrained();
            $table->foreignId('route_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('account_id')->constrained();
            $table->string('instrument', 60);
            $table->string('lane', 80);
            $table->boolean('dry')->default(false);
            $table->string('state', 20);
            $table->string('verdict', 20)->nullable();
            $table->string('intent', 20)->nullable();
            $table->string('summary', 600)->nullable();
            $table->json('inputs')->nullable();
            $table->json('trace')->nullable();
            $table->dateTime('created_at', 6);
            $table->dateTime('decided_at', 6)->nullable();
            $table->dateTime('finished_at', 6)->nullable();
            $table->unique(['message_id', 'route_id', 'account_id', 'instrument']);
            $table->index(['lane', 'finished_at', 'id']);
            $table->index(['finished_at', 'created_at']);
            $table->index(['route_id', 'id']);
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('decision_id')->constrained();
            $table->foreignId('route_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('account_id')->constrained();
            $table->unsignedSmallInteger('number');
            $table->string('client_id', 40)->unique();
            $table->string('instrument', 60);
            $table->string('side', 4);
            $table->string('type', 20);
            $table->decimal('quantity', 36, 18);
            $table->boolean('reduce_only');
            $table->string('state', 20);
            $table->string('venue_id', 60)->nullable();
            $table->decimal('filled', 36, 18)->default(0);
            $table->decimal('average', 36, 18)->nullable();
            $table->decimal('fee', 36, 18)->default(0);
            $table->string('words', 400)->nullable();
            $table->dateTime('created_at', 6);
            $table->dateTime('acknowledged_at', 6)->nullable();
            $table->index(['desk_id', 'id']);
            $table->unique(['decision_id', 'number']);
        });
        Schema::create('fills', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('order_id')->constrained();
            $table->foreignId('account_id')->constrained();
            $table->string('venue_id', 60);
            $table->string('instrument', 60);
            $table->string('side', 4);
            $table->decimal('quantity', 36, 18);
            $table->decimal('price', 36, 18);
            $table->decimal('fee', 36, 18);
            $table->dateTime('filled_at', 6);
            $table->unique(['account_id', 'venue_id']);
            $table->index(['desk_id', 'id']);
        });
        Schema::create('positions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('account_id')->constrained();
            $table->string('instrument', 60);
            $table->decimal('quantity', 36, 18);
            $table->decimal('cost', 36, 18);
            $table->decimal('realised', 36, 18);
            $table->decimal('fees', 36, 18);
            $table->decimal('open_fees', 36, 18);
            $table->dateTime('opened_at', 6)->nullable();
            $table->timestamps(6);
            $table->unique(['account_id', 'instrument']);
            $table->index(['desk_id', 'quantity']);
        });
    }
};
