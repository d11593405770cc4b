<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Forms that were sent: the same one sent twice is taken once, and led to where the first led.
        Schema::create('taken_once', function (Blueprint $table): void {
            $table->string('key', 64)->primary();
            $table->string('led_to', 500)->nullable();
            $table->string('said', 500)->nullable();
            // By which process: one that was killed is not waited for.
            $table->string('taker', 80)->default('');
            $table->timestamp('sent_at')->index();
        });
        // What must follow entries and is not done yet. It is written with them, and struck out once it is done.
        Schema::create('to_follow', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->json('kinds');
            $table->unsignedSmallInteger('tries')->default(0);
            $table->timestamp('written_at')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('to_follow');
        Schema::dropIfExists('taken_once');
    }
};
