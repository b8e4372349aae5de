<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('accounts', function (Blueprint $table): void {
            // What it lets its routes do.
            $table->json('guards')->nullable();
            // The most money that it had.
            $table->decimal('peak_equity', 36, 18)->nullable();
        });
        Schema::table('decisions', function (Blueprint $table): void {
            // The guard that refused it, or lets it wait.
            $table->string('guard', 40)->nullable();
            // "place" or "approval", and until when.
            $table->string('held_for', 12)->nullable();
            $table->dateTime('held_until', 6)->nullable();
            $table->string('approved_by', 80)->nullable();
            // Percent of the size.
            $table->decimal('approved_share', 9, 4)->nullable();
            // The guard that somebody overruled, and who.
            $table->string('overruled', 40)->nullable();
            $table->string('overruled_by', 80)->nullable();
            $table->index(['state', 'held_until']);
            $table->index(['route_id', 'decided_at']);
        });
    }
};
