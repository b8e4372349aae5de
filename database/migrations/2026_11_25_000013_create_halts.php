<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('halts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained()->cascadeOnDelete();
            // Null: all accounts of the desk.
            $table->foreignId('account_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('reason', 200);
            $table->boolean('cancels');
            $table->boolean('flattens');
            $table->string('begun_by', 80);
            $table->dateTime('begun_at', 6);
            $table->string('lifted_by', 80)->nullable();
            $table->dateTime('lifted_at', 6)->nullable();
            $table->index(['desk_id', 'lifted_at']);
        });
        Schema::create('route_state_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('route_id')->constrained()->cascadeOnDelete();
            $table->string('from_state', 20);
            $table->string('to_state', 20);
            $table->string('by', 80);
            $table->string('reason', 300)->nullable();
            $table->dateTime('at', 6);
            $table->index(['route_id', 'id']);
        });
        Schema::table('routes', function (Blueprint $table): void {
            // Who brought it into the state that it is in, why and when.
            $table->string('state_by', 80)->nullable();
            $table->string('state_reason', 300)->nullable();
            $table->dateTime('state_at', 6)->nullable();
        });
    }
};
