<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A bench holds one job at a time, and a job stands on one bench.
        Schema::create('claims', function (Blueprint $table): void {
            $table->unsignedSmallInteger('bench')->primary();
            $table->foreignId('job_id')->unique()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('since');
        });

        Schema::create('codes', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 10);
            $table->string('for', 80);
            $table->string('from', 40);
            $table->string('to', 40);
            $table->string('value', 20);
            $table->string('words', 200);
            $table->string('source', 200);
            $table->float('reliability');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['kind', 'for', 'from', 'to']);
        });

        Schema::create('papers', function (Blueprint $table): void {
            $table->id();
            $table->string('model', 120)->index();
            $table->string('kind', 20);
            $table->string('title', 200);
            // Null where it was looked for and none was found.
            $table->string('file', 60)->nullable();
            $table->string('file_name', 120)->nullable();
            $table->string('checksum', 64)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });

        // What an instrument on a bench has sent and nobody has taken on a record yet.
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->unsignedSmallInteger('bench')->index();
            $table->string('instrument', 40);
            $table->json('body');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('readings');
        Schema::dropIfExists('papers');
        Schema::dropIfExists('codes');
        Schema::dropIfExists('claims');
    }
};
