<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('orders', function (Blueprint $table): void {
            // When a scheduled order goes out.
            $table->dateTime('due_at', 6)->nullable();
            $table->index(['state', 'due_at']);
        });
    }
};
