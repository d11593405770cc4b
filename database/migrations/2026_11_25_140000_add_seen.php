<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('seen', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained();
            $table->foreignId('job_id')->constrained();
            // The last entry this person has had on their screen.
            $table->unsignedInteger('number');
            $table->primary(['user_id', 'job_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('seen');
    }
};
