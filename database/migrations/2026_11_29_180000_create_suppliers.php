<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('suppliers', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->string('contact', 80)->default('');
            $table->string('mail', 160)->default('');
            $table->string('phone', 40)->default('');
            $table->string('customer_number', 40)->default('');
            $table->string('terms', 500)->default('');
            $table->unsignedSmallInteger('days_from')->default(1);
            $table->unsignedSmallInteger('days_to')->default(3);
            $table->unsignedSmallInteger('return_days')->default(14);
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
        });
        // What a supplier's newest list says, and what older ones said until it came.
        Schema::create('price_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_id')->constrained();
            $table->string('number', 40)->default('');
            $table->string('kind', 30);
            $table->string('name', 160);
            $table->string('condition', 10);
            $table->unsignedInteger('price');
            $table->json('facts');
            $table->timestamp('gone_at')->nullable();
            $table->timestamps();
            $table->index(['kind', 'gone_at']);
        });
        Schema::table('orders', function (Blueprint $table): void {
            $table->foreignId('supplier_id')->nullable()->constrained();
            // By which the supplier knows it.
            $table->string('number', 40)->default('');
            $table->string('credit_number', 40)->default('');
            $table->unsignedInteger('credit')->nullable();
            $table->timestamp('credited_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('orders', function (Blueprint $table): void {
            $table->dropForeign(['supplier_id']);
            $table->dropColumn(['supplier_id', 'number', 'credit_number', 'credit', 'credited_at']);
        });
        Schema::dropIfExists('price_items');
        Schema::dropIfExists('suppliers');
    }
};
