<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('orders', function (Blueprint $table): void {
            $table->string('role', 10)->default('entry');
            $table->string('label', 120)->nullable();
            $table->decimal('limit_price', 36, 18)->nullable();
            $table->decimal('trigger_price', 36, 18)->nullable();
            $table->string('time_in_force', 4)->default('gtc');
            $table->boolean('post_only')->default(false);
            $table->unsignedInteger('cancel_after')->nullable();
            $table->index(['account_id', 'state']);
            $table->index(['route_id', 'state']);
        });
    }
};
