<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Where a venue and our books do not agree.
        Schema::create('differences', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('account_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 10);
            // The instrument of a position, the client order id of an order.
            $table->string('subject', 60);
            $table->string('instrument', 60)->nullable();
            $table->decimal('ours', 36, 18)->default(0);
            $table->decimal('theirs', 36, 18)->default(0);
            $table->string('words', 400);
            $table->string('state', 10);
            // 1 while it is there, answered or not; null when it is gone.
            $table->boolean('is_there')->nullable();
            $table->string('answered_by', 80)->nullable();
            $table->dateTime('seen_at', 6);
            $table->dateTime('ended_at', 6)->nullable();
            $table->unique(['account_id', 'kind', 'subject', 'is_there']);
            $table->index(['desk_id', 'is_there']);
        });
    }
};
