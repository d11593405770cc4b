<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('job_facts', function (Blueprint $table): void {
            $table->text('parts')->default('[]');
        });
        Schema::table('bulletins', function (Blueprint $table): void {
            $table->string('source', 20)->default('ours');
        });
    }

    public function down(): void
    {
        Schema::table('job_facts', function (Blueprint $table): void {
            $table->dropColumn('parts');
        });
        Schema::table('bulletins', function (Blueprint $table): void {
            $table->dropColumn('source');
        });
    }
};
