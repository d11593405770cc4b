<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('parked')->nullable();
            $table->string('spare_here', 20)->nullable();
        });
        Schema::table('bulletins', fn (Blueprint $table) => $table->boolean('do_not_buy')->default(false));
    }

    public function down(): void
    {
        Schema::table('bulletins', fn (Blueprint $table) => $table->dropColumn('do_not_buy'));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['parked', 'spare_here']));
    }
};
