<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\JobWords;
use Illuminate\Database\Migrations\Migration;

return new class extends Migration
{
    public function up(): void
    {
        // Jobs of earlier versions are found by the last digits of their number too.
        Job::query()->with('machine.owner')->chunkById(500, fn ($jobs) => $jobs->each(fn (Job $job) => JobWords::keep($job)));
    }

    public function down(): void
    {
    }
};
