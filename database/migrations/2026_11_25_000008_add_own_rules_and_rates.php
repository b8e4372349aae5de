<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('account_route', function (Blueprint $table): void {
            // What the account does otherwise than the route says: instruments and order styles.
            $table->json('own')->nullable();
        });
        foreach (['orders', 'positions'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                // What one of the quote currency was worth in the account's money.
                $table->decimal('rate', 36, 18)->default(1);
            });
        }
    }
};
