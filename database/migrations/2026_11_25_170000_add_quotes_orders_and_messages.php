<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('letter_level', 10)->default('full');
            $table->string('letter_words', 500)->default('');
            // Until when the owner's address opens; null = as long as the job is open, and then by the shop's rule.
            $table->timestamp('link_until')->nullable();
            // A machine of the shop's own: what was paid, where, until when it can be sent back.
            $table->json('own')->nullable();
        });

        Schema::create('quotes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->json('body');
            $table->string('fingerprint', 64);
            $table->string('state', 12)->index();
            $table->text('token');
            $table->string('token_hash', 64)->unique();
            $table->timestamp('valid_until');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('answered_at')->nullable();
            $table->string('answer', 1000)->default('');
            $table->timestamps();
            $table->index(['job_id', 'state']);
        });
        // One question to the owner at a time.
        DB::statement("CREATE UNIQUE INDEX quotes_one_out ON quotes (job_id) WHERE state = 'out'");

        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->string('tag', 12)->unique();
            $table->foreignId('job_id')->nullable()->constrained();
            $table->string('part', 30)->default('');
            $table->string('kind', 30);
            $table->string('offer', 40);
            $table->string('supplier', 60);
            $table->string('name', 160);
            $table->string('condition', 10);
            $table->unsignedInteger('price');
            $table->json('facts');
            $table->string('state', 12)->index();
            $table->string('words', 300)->default('');
            // Ordered only once this part of the job is proved good.
            $table->string('held_for', 30)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('ordered_at')->nullable();
            $table->timestamp('due_at')->nullable();
            $table->timestamp('arrived_at')->nullable();
            $table->date('return_until')->nullable();
            $table->foreignId('spare_id')->nullable()->constrained();
            $table->timestamps();
            $table->index(['job_id', 'state']);
        });

        Schema::create('messages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('moment', 20);
            // What it is about: the same moment of the same thing is never told twice.
            $table->string('about', 40)->default('');
            $table->string('to', 160);
            $table->string('subject', 300);
            $table->text('text');
            $table->string('state', 12)->index();
            $table->unsignedSmallInteger('tries')->default(0);
            $table->timestamp('next_try_at')->nullable();
            $table->timestamp('sent_at')->nullable();
            $table->string('error', 300)->default('');
            $table->timestamps();
            $table->unique(['job_id', 'moment', 'about']);
            $table->index(['state', 'next_try_at']);
        });
    }

    public function down(): void
    {
        foreach (['messages', 'orders', 'quotes'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['letter_level', 'letter_words', 'link_until', 'own']));
    }
};
