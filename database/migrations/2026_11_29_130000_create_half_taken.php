<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('half_taken', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->json('typed');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('half_taken');
    }
};
