<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->string('name', 80);
            $table->json('spec');
            $table->timestamps(6);
            $table->unique(['desk_id', 'name']);
        });
        Schema::create('reading_samples', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('reading_id')->constrained()->cascadeOnDelete();
            $table->mediumText('body');
            $table->string('content_type', 120)->nullable();
            $table->json('expected');
            $table->timestamps(6);
        });
        Schema::create('chart_profiles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->string('name', 80);
            $table->json('spec');
            $table->timestamps(6);
            $table->unique(['desk_id', 'name']);
        });
        Schema::create('symbol_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->string('venue', 40);
            $table->string('symbol', 64);
            $table->string('instrument', 60);
            $table->timestamps(6);
            $table->unique(['desk_id', 'venue', 'symbol']);
        });
        Schema::create('symbol_rules', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->string('venue', 40);
            $table->json('prefixes');
            $table->json('suffixes');
            $table->timestamps(6);
            $table->unique(['desk_id', 'venue']);
        });
        Schema::create('slips', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->foreignId('route_id')->constrained()->cascadeOnDelete();
            $table->string('code', 16)->unique();
            $table->string('kind', 120);
            $table->json('copied');
            $table->date('expires_on')->nullable();
            $table->string('reminded', 10)->nullable();
            $table->dateTime('silent_since', 6)->nullable();
            $table->unsignedInteger('heard')->default(0);
            $table->dateTime('first_heard_at', 6)->nullable();
            $table->dateTime('last_heard_at', 6)->nullable();
            $table->timestamps(6);
            $table->unique(['route_id', 'kind']);
        });
        Schema::create('notices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('desk_id')->constrained();
            $table->string('kind', 20);
            $table->string('words', 400);
            $table->string('link', 120)->nullable();
            $table->dateTime('created_at', 6);
            $table->dateTime('read_at', 6)->nullable();
            $table->index(['desk_id', 'read_at', 'id']);
        });
        Schema::create('inlet_refusals', function (Blueprint $table): void {
            $table->foreignId('inlet_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->string('reason', 20);
            $table->unsignedInteger('refusals');
            $table->string('last_sender', 190);
            $table->dateTime('last_at', 6);
            $table->primary(['inlet_id', 'day', 'reason']);
        });
        $this->changeTables();
    }

    private function changeTables(): void
    {
        Schema::table('inlets', function (Blueprint $table): void {
            $table->foreignId('reading_id')->nullable()->constrained();
            $table->boolean('paused')->default(false);
            $table->json('allowed_senders')->default('[]');
            $table->json('allowed_mail')->default('[]');
            $table->json('allowed_symbols')->default('[]');
            $table->text('phrase')->nullable();
            $table->text('signing_secret')->nullable();
            $table->char('previous_token_hash', 64)->nullable()->index();
            $table->dateTime('previous_until', 6)->nullable();
            $table->string('mail_token', 32)->nullable()->unique();
        });
        foreach (DB::table('inlets')->pluck('id') as $id) {
            DB::table('inlets')->where('id', $id)->update(['mail_token' => strtolower(Str::random(20))]);
        }
        Schema::table('messages', function (Blueprint $table): void {
            $table->string('arrived_by', 10)->default('web');
            $table->string('code', 16)->nullable();
            $table->string('format', 20)->nullable();
            $table->json('notes')->nullable();
            $table->json('suggestions')->nullable();
            $table->unsignedSmallInteger('blanked')->default(0);
            $table->foreignId('parent_id')->nullable()->constrained('messages');
            $table->unsignedSmallInteger('part')->nullable();
            $table->foreignId('slip_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('rerun_of')->nullable()->constrained('messages');
            $table->index(['slip_id', 'id']);
        });
        DB::statement('ALTER TABLE messages ADD raw MEDIUMBLOB NULL');
        Schema::table('account_route', function (Blueprint $table): void {
            $table->string('label', 40)->nullable();
        });
        Schema::table('routes', function (Blueprint $table): void {
            $table->json('slip_settings')->nullable();
        });
    }
};
