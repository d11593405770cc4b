<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A call is a job whose machine has not arrived: its answers are the first entries of the record. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('owners', function (Blueprint $table): void {
            // Digits only, the last nine: the same number however it is written.
            $table->string('phone_key', 9)->default('')->index();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->timestamp('arrived_at')->nullable()->index();
            $table->timestamp('next_word_at')->nullable();
            $table->json('agreed')->nullable();
        });
        DB::table('jobs')->update(['arrived_at' => DB::raw('created_at')]);
        foreach (DB::table('owners')->get(['id', 'phone']) as $owner) {
            DB::table('owners')
                ->where('id', $owner->id)
                ->update(['phone_key' => substr((string) preg_replace('/\D/', '', $owner->phone), -9)]);
        }
        Schema::create('calls', function (Blueprint $table): void {
            $table->foreignId('job_id')->primary()->constrained();
            $table->string('state')->index();
            $table->string('outcome')->nullable();
            $table->json('details')->nullable();
            $table->timestamp('slot_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('calls');
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['arrived_at', 'next_word_at', 'agreed']));
        Schema::table('owners', fn (Blueprint $table) => $table->dropColumn('phone_key'));
    }
};
