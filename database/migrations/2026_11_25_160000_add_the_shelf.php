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
        Schema::table('spares', function (Blueprint $table): void {
            // Trust is what it was at trust_at; what fell since then is worked out when it is asked for.
            $table->timestamp('trust_at')->nullable();
            $table->json('facts')->default('[]');
            $table->string('origin', 20)->default('retired');
            $table->string('status', 20)->default('free')->index();
            $table->string('reason', 300)->default('');
            $table->foreignId('reserved_for')->nullable()->constrained('jobs');
            $table->date('reserved_until')->nullable();
            $table->index(['kind', 'status']);
        });
        DB::table('spares')->update(['trust_at' => DB::raw('created_at')]);

        // The story of each spare. Nothing in it is changed; a mistake is followed by another event.
        Schema::create('spare_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spare_id')->constrained();
            $table->string('kind', 20);
            $table->string('what', 40)->default('');
            $table->float('share')->default(0);
            $table->decimal('trust_before', 9, 8)->default(0);
            $table->decimal('trust_after', 9, 8)->default(0);
            $table->string('words', 300)->default('');
            $table->foreignId('job_id')->nullable()->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamp('at');
            $table->index(['spare_id', 'id']);
        });

        Schema::create('loans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('spare_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('lent_at');
            $table->timestamp('due_at');
            $table->timestamp('back_at')->nullable();
            $table->string('result', 20)->nullable();
            $table->string('words', 300)->default('');
            $table->index(['job_id', 'back_at']);
            $table->index(['spare_id', 'lent_at']);
            $table->index('back_at');
        });
        // One spare, one place: the database itself refuses a second open loan.
        DB::statement('CREATE UNIQUE INDEX loans_one_place ON loans (spare_id) WHERE back_at IS NULL');

        Schema::create('stock', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->unsignedInteger('count')->default(0);
            $table->unsignedInteger('minimum')->default(0);
            $table->string('place', 60)->default('');
            $table->timestamps();
        });

        // Words for one person about a job whose standing changed without anybody writing on it.
        Schema::create('notices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->string('words', 400);
            $table->timestamp('seen_at')->nullable();
            $table->timestamps();
            $table->index(['user_id', 'seen_at']);
        });
    }

    public function down(): void
    {
        foreach (['notices', 'stock', 'loans', 'spare_events'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table(
            'spares',
            fn (Blueprint $table) => $table->dropColumn([
                'trust_at',
                'facts',
                'origin',
                'status',
                'reason',
                'reserved_for',
                'reserved_until',
            ]),
        );
    }
};
