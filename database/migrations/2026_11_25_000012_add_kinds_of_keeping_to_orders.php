<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('orders', function (Blueprint $table): void {
            // Kept back until the market is at its limit.
            $table->boolean('watched')->default(false);
            // Distance at which the venue itself moves the trigger after the market.
            $table->decimal('follows_by', 36, 18)->nullable();
            // The venue cancels it when the other order that looks after the position is filled.
            $table->boolean('exclusive')->default(false);
            $table->index(['account_id', 'instrument', 'state']);
        });
        Schema::table('fills', function (Blueprint $table): void {
            $table->index(['account_id', 'instrument', 'filled_at']);
        });
    }
};
