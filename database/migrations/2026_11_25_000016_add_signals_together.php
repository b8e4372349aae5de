<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('routes', function (Blueprint $table): void {
            // Which of the signals that must come together are true.
            $table->json('lights')->nullable();
        });
        Schema::table('decisions', function (Blueprint $table): void {
            $table->string('together', 300)->nullable();
        });
    }
};
