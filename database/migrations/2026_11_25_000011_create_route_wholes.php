<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How far everything that a route holds on an account has come since it held nothing.
        Schema::create('route_wholes', function (Blueprint $table): void {
            $table->foreignId('route_id')->constrained()->cascadeOnDelete();
            $table->foreignId('account_id')->constrained()->cascadeOnDelete();
            $table->decimal('best', 36, 18);
            $table->dateTime('begun_at', 6);
            $table->primary(['route_id', 'account_id']);
        });
    }
};
