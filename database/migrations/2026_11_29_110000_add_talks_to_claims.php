<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('supplier_claims', function (Blueprint $table): void {
            $table->json('talks')->default('[]');
            $table->unsignedInteger('borne')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('supplier_claims', function (Blueprint $table): void {
            $table->dropColumn(['talks', 'borne']);
        });
    }
};
