<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Values of the catalogue that the shop set for itself. Rows are added and never changed: the newest of a path holds, and null puts
        // back what ships.
        Schema::create('own_values', function (Blueprint $table): void {
            $table->id();
            $table->string('path', 160)->index();
            $table->json('value')->nullable();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('own_values');
    }
};
