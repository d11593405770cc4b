<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->foreignId('comeback_of')->nullable()->index()->constrained('jobs');
            // What was done beside: a replacement sent ahead, goodwill, whose it was, sold as open-box.
            $table->json('comeback')->nullable();
        });

        // Words a job is found by: of its owner, its machine, its number. Looked up from their beginning, so that it stays as quick with
        // many jobs.
        Schema::create('job_words', function (Blueprint $table): void {
            $table->string('word', 40);
            $table->foreignId('job_id')->constrained();
            $table->primary(['word', 'job_id']);
            $table->index('job_id');
        });

        // One row for each job that was closed, as lists and statistics want it; it can be thrown away and made again.
        Schema::create('job_facts', function (Blueprint $table): void {
            $table->foreignId('job_id')->primary()->constrained();
            $table->string('tag', 12);
            $table->string('model', 120);
            $table->string('family', 60);
            $table->string('stop', 20)->default('');
            $table->string('cause_part', 30)->default('');
            $table->string('cause_fault', 40)->default('');
            $table->boolean('confirmed')->default(false);
            $table->float('stated')->default(0);
            $table->boolean('stated_hit')->default(false);
            $table->string('act', 30)->default('');
            $table->string('way', 20)->default('');
            $table->string('outcome', 20)->default('repaired');
            $table->string('supplier', 60)->default('');
            $table->boolean('dead')->default(false);
            $table->string('firmware', 40)->default('');
            $table->string('batch', 40)->default('');
            $table->string('bench', 10)->default('');
            $table->text('signs')->default('[]');
            $table->text('spares')->default('[]');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->unsignedInteger('minutes')->default(0);
            $table->unsignedInteger('waited_owner')->default(0);
            $table->unsignedInteger('waited_part')->default(0);
            $table->unsignedInteger('waited_collect')->default(0);
            $table->unsignedInteger('in_shop')->default(0);
            $table->timestamp('closed_at')->index();
            $table->timestamp('back_at')->nullable();
            $table->unsignedInteger('back_after')->nullable();
            $table->index(['model', 'closed_at']);
            $table->index(['model', 'stop', 'job_id', 'cause_part']);
        });

        Schema::create('supplier_claims', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('order_id')->nullable()->constrained();
            $table->string('part', 30);
            $table->string('part_tag', 20)->default('');
            $table->string('to', 120);
            $table->string('reason', 400);
            $table->string('state', 20)->index();
            $table->date('deadline')->nullable();
            $table->date('next_at')->nullable();
            $table->unsignedInteger('shipping')->default(0);
            $table->unsignedInteger('got')->default(0);
            $table->json('rounds');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });

        Schema::create('bulletins', function (Blueprint $table): void {
            $table->id();
            $table->string('model', 120)->index();
            $table->string('words', 400);
            $table->string('fault', 40)->default('');
            $table->string('part', 30)->default('');
            $table->float('factor')->default(1);
            $table->json('pattern')->nullable();
            $table->date('expires_at');
            $table->timestamp('withdrawn_at')->nullable();
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });

        Schema::create('lessons', function (Blueprint $table): void {
            $table->id();
            $table->string('state', 12)->index();
            $table->json('factors');
            $table->json('counts');
            $table->json('effect');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->timestamps();
        });

        // Statistics worked out ahead, with the day they are of.
        Schema::create('figures', function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->json('body');
            $table->timestamp('made_at');
        });
    }

    public function down(): void
    {
        foreach (['job_words', 'figures', 'lessons', 'bulletins', 'supplier_claims', 'job_facts'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['comeback_of', 'comeback']));
    }
};
