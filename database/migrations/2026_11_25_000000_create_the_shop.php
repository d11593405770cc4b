<?php

declare(strict_types=1);

use App\Models\AppendOnly;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('owners', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('phone')->default('');
            $table->string('email')->default('');
            $table->timestamps();
        });
        Schema::create('machines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('owner_id')->constrained();
            $table->string('model');
            $table->json('made_of');
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('tag')->unique();
            $table->foreignId('machine_id')->constrained();
            $table->text('letter_token');
            $table->string('letter_token_hash', 64)->unique();
            $table->foreignId('taken_in_by')->constrained('users');
            $table->timestamps();
        });
        Schema::create('entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('kind');
            $table->json('body');
            $table->foreignId('user_id')->constrained();
            $table->string('sent_once')->nullable();
            $table->timestamp('made_at');
            $table->unique(['job_id', 'number']);
            $table->unique(['job_id', 'sent_once']);
        });
        // The record is never rewritten, whoever asks: not by this program and not by hand.
        AppendOnly::keep('entries', 'The record is append-only: strike the entry out instead.');
        Schema::create('summaries', function (Blueprint $table): void {
            $table->foreignId('job_id')->primary()->constrained();
            $table->unsignedInteger('entries');
            $table->string('waits_for')->index();
            $table->boolean('closed')->index();
            $table->json('data');
            $table->timestamp('updated_at');
        });
        Schema::create('spares', function (Blueprint $table): void {
            $table->id();
            $table->string('tag')->unique();
            $table->string('kind');
            $table->string('name');
            $table->decimal('trust', 5, 4);
            $table->unsignedInteger('value');
            $table->json('fits');
            $table->string('place')->default('');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['spares', 'summaries', 'entries', 'jobs', 'machines', 'owners', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
