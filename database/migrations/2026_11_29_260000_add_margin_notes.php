<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What the shop writes beside a page of the handbook, of any machine or of one model.
        Schema::create('margin_notes', function (Blueprint $table): void {
            $table->id();
            $table->string('page', 120)->index();
            $table->string('model', 80)->default('');
            $table->string('words', 1000);
            $table->string('file', 40)->nullable();
            // A number of the page that should stand otherwise, and what the lead said of it.
            $table->string('path', 160)->nullable();
            $table->json('value')->nullable();
            $table->string('answer', 10)->nullable();
            $table->foreignId('answered_by')->nullable()->constrained('users');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('margin_notes');
    }
};
