<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('spares', function (Blueprint $table): void {
            $table->string('model', 60)->default('')->index();
        });
    }

    public function down(): void
    {
        Schema::table('spares', function (Blueprint $table): void {
            $table->dropIndex(['model']);
            $table->dropColumn('model');
        });
    }
};
