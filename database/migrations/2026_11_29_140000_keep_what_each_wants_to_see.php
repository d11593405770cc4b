<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\JobWords;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('floor', 12)->nullable();
            $table->boolean('toured')->default(false);
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->boolean('guided')->default(false);
        });
        // Jobs of earlier versions are found by what was fitted and by what they are made of too.
        Job::query()->with(['machine.owner', 'facts'])->chunkById(500, fn ($jobs) => $jobs->each(fn (Job $job) => JobWords::keep($job)));
    }

    public function down(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['floor', 'toured']);
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropColumn('guided');
        });
    }
};
