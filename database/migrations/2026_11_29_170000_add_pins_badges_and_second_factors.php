<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            // Where a forgotten password is answered to; a log-in name need not be an address.
            $table->string('mail', 160)->default('');
            $table->string('pin')->nullable();
            $table->string('badge_hash', 64)->nullable()->unique();
            $table->text('second_secret')->nullable();
            // Counter of the one-time code that was used last: none is taken twice.
            $table->unsignedBigInteger('second_used')->default(0);
            $table->json('recovery_hashes')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dropUnique(['badge_hash']);
            $table->dropColumn(['mail', 'pin', 'badge_hash', 'second_secret', 'second_used', 'recovery_hashes']);
        });
    }
};
