<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Files that are being brought in, until they were or were dropped.
        Schema::create('bring_ins', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 12);
            $table->string('name', 160);
            $table->string('file', 60);
            $table->foreignId('supplier_id')->nullable()->constrained();
            $table->json('mapping')->nullable();
            $table->string('came_of_it', 300)->default('');
            $table->timestamp('done_at')->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        Schema::table('owners', function (Blueprint $table): void {
            $table->foreignId('joined_into')->nullable()->constrained('owners');
        });
        // Two rows that were one person, or were looked at and are two. A joining can be taken back.
        Schema::create('owner_joins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kept_id')->constrained('owners');
            $table->foreignId('other_id')->constrained('owners');
            $table->string('state', 10);
            $table->json('moved');
            $table->json('filled');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->index(['kept_id', 'other_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('owner_joins');
        Schema::table('owners', function (Blueprint $table): void {
            $table->dropForeign(['joined_into']);
            $table->dropColumn('joined_into');
        });
        Schema::dropIfExists('bring_ins');
    }
};
