<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Machines made of a closed job or by hand, to be practised on. No name of an owner is in them.
        Schema::create('practice_cases', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->json('puzzle');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        // One go at a practice machine. It is a table of its own, so that no list, number or export of jobs can meet it.
        Schema::create('practices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 10);
            $table->string('family', 30)->nullable();
            $table->unsignedTinyInteger('grade')->nullable();
            $table->date('day')->nullable();
            $table->foreignId('practice_case_id')->nullable()->constrained()->nullOnDelete();
            $table->json('puzzle');
            $table->string('advice', 10);
            $table->json('course');
            $table->unsignedSmallInteger('asked')->default(0);
            $table->unsignedSmallInteger('asked_at')->nullable();
            $table->json('verdict')->nullable();
            $table->boolean('right')->nullable();
            $table->boolean('passed')->nullable();
            $table->smallInteger('points')->nullable();
            $table->unsignedInteger('minutes')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->index(['user_id', 'ended_at']);
        });
        // In which box a family lies for somebody, and when it is due again.
        Schema::create('practice_boxes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('family', 30);
            $table->unsignedTinyInteger('box');
            $table->date('due');
            $table->timestamps();
            $table->unique(['user_id', 'family']);
        });
        // What somebody thought of a real job before the adviser spoke, and what the adviser thought then.
        Schema::create('wagers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->unsignedInteger('entries');
            $table->json('suspects');
            $table->json('adviser');
            $table->timestamps();
            $table->unique(['job_id', 'user_id']);
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('guesses_first')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('guesses_first'));
        Schema::dropIfExists('wagers');
        Schema::dropIfExists('practice_boxes');
        Schema::dropIfExists('practices');
        Schema::dropIfExists('practice_cases');
    }
};
