<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Nothing is overwritten: the newest value of a name holds, and those before it stay with who and when.
        Schema::create('shop_settings', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 40)->index();
            $table->json('value');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamp('created_at');
        });
        $this->carryOver();
        Schema::table('users', function (Blueprint $table): void {
            $table->timestamp('ended_at')->nullable();
        });
        // Addresses that let a person in once, to choose a password.
        Schema::create('ways_in', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('made_by')->constrained('users');
            $table->string('token_hash', 64)->unique();
            $table->timestamp('until');
            $table->timestamp('used_at')->nullable();
            $table->timestamps();
        });
    }

    /** What an installation of an earlier version was called by its environment it is still called. */
    private function carryOver(): void
    {
        $said = array_filter(
            [
                'name' => env('SHOP_NAME'),
                'address' => env('SHOP_ADDRESS'),
                'phone' => env('SHOP_PHONE'),
                'currency' => env('SHOP_CURRENCY'),
            ],
            fn (mixed $value): bool => is_string($value) && $value !== '',
        );
        if ($said === [] || ! DB::table('users')->exists()) {
            return;
        }
        foreach ($said as $name => $value) {
            DB::table('shop_settings')->insert(['name' => $name, 'value' => json_encode($value), 'created_at' => now()]);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('ways_in');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn('ended_at');
        });
        Schema::dropIfExists('shop_settings');
    }
};
