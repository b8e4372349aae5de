<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('routes', function (Blueprint $table): void {
            // The state that the clock brings it into, when, and who said so.
            $table->string('next_state', 20)->nullable();
            $table->dateTime('next_state_at', 6)->nullable();
            $table->string('next_state_by', 80)->nullable();
            $table->index('next_state_at');
        });
    }
};
