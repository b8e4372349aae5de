<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('described_venues', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            // What accounts and instruments name it by.
            $table->string('venue', 40)->unique();
            $table->json('spec');
            $table->timestamps(6);
        });
        Schema::table('account_route', function (Blueprint $table): void {
            $table->decimal('scale', 18, 8)->default(1);
        });
    }
};
