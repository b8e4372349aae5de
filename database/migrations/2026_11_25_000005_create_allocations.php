<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('account_route', function (Blueprint $table): void {
            $table->decimal('allocation', 36, 18)->nullable();
        });
        Schema::table('orders', function (Blueprint $table): void {
            // Money that the whole order binds when it is filled.
            $table->decimal('binds', 36, 18)->default(0);
            $table->decimal('leverage', 10, 4)->default(1);
        });
        Schema::table('positions', function (Blueprint $table): void {
            $table->decimal('leverage', 10, 4)->default(1);
        });
    }
};
