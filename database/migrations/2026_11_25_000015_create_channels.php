<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('notices', function (Blueprint $table): void {
            $table->foreignId('route_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::create('channels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('way', 10);
            $table->string('target', 400);
            // By which a webhook is signed.
            $table->text('secret');
            $table->string('form', 20);
            $table->json('kinds');
            // Empty: of all routes.
            $table->json('routes');
            $table->string('quiet_from', 5)->nullable();
            $table->string('quiet_to', 5)->nullable();
            $table->boolean('is_on')->default(true);
            // The last notice that was looked at for it.
            $table->unsignedBigInteger('seen');
            $table->timestamps();
        });
        Schema::create('deliveries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('channel_id')->constrained()->cascadeOnDelete();
            $table->string('subject', 200);
            $table->text('words');
            $table->unsignedSmallInteger('notices');
            $table->string('state', 10);
            $table->unsignedTinyInteger('attempts')->default(0);
            $table->string('trouble', 400)->nullable();
            $table->dateTime('created_at', 6);
            $table->dateTime('due_at', 6);
            $table->dateTime('sent_at', 6)->nullable();
            $table->index(['state', 'due_at']);
            $table->index(['channel_id', 'id']);
        });
    }
};
