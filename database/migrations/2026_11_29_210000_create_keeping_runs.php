<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was let go by the shop's own rule, by night: how many of which kind.
        Schema::create('keeping_runs', function (Blueprint $table): void {
            $table->id();
            $table->json('counts');
            $table->string('error', 300)->default('');
            $table->timestamp('made_at')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('keeping_runs');
    }
};
