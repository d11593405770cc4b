<?php

declare(strict_types=1);

use App\Models\AppendOnly;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Numbered without a gap and never changed: a mistake is taken back by a credit note, which has a number of its own.
        Schema::create('invoices', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('sequence')->unique();
            $table->string('number', 30)->unique();
            $table->string('kind', 10);
            $table->foreignId('job_id')->constrained();
            // The invoice that a credit note takes back; one takes it back once.
            $table->foreignId('takes_back')->nullable()->unique()->constrained('invoices');
            $table->json('body');
            $table->bigInteger('net');
            $table->bigInteger('tax');
            $table->bigInteger('total');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('issued_at')->index();
        });
        AppendOnly::keep('invoices', 'An invoice is never changed: take it back by a credit note.');
        Schema::create('payments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('method', 10);
            // Below nothing: given back.
            $table->bigInteger('amount');
            $table->string('words', 120)->default('');
            $table->foreignId('user_id')->constrained();
            $table->timestamp('paid_at')->index();
        });
        // Dated notices to owners who do not fetch their machine.
        Schema::create('collect_notices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->date('until');
            $table->text('text');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('collect_notices');
        Schema::dropIfExists('payments');
        Schema::dropIfExists('invoices');
    }
};
