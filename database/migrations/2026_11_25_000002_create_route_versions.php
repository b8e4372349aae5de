<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('routes', function (Blueprint $table): void {
            $table->dateTime('armed_at', 6)->nullable();
        });
        Schema::table('decisions', function (Blueprint $table): void {
            $table->index(['lane', 'intent', 'decided_at']);
        });
        Schema::create('route_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('route_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->json('draft');
            $table->dateTime('created_at', 6);
            $table->index(['route_id', 'id']);
        });
    }
};
