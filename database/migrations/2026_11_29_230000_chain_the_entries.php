<?php

declare(strict_types=1);

use App\Models\EntryChain;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('entries', function (Blueprint $table): void {
            $table->string('chain', 64)->default('');
        });
        $this->chainWhatIsThere();
        Schema::create('backups', function (Blueprint $table): void {
            $table->id();
            $table->string('path', 500)->default('');
            $table->unsignedBigInteger('bytes')->default(0);
            $table->string('error', 500)->default('');
            // When it was last restored into a scratch place, and what came of it.
            $table->timestamp('proved_at')->nullable();
            $table->string('proof', 500)->default('');
            $table->timestamp('made_at')->index();
        });
    }

    /** The triggers that keep the record as it is are put away for this one deed, and put back as they were. */
    private function chainWhatIsThere(): void
    {
        if (! DB::table('entries')->exists()) {
            return;
        }
        $triggers = DB::getDriverName() !== 'sqlite'
            ? []
            : DB::table('sqlite_master')->where('type', 'trigger')->where('tbl_name', 'entries')->pluck('sql', 'name')->all();
        foreach (array_keys($triggers) as $name) {
            DB::statement("DROP TRIGGER {$name}");
        }
        $chain = '';
        $job = 0;
        DB::table('entries')->orderBy('job_id')->orderBy('number')
            ->select(['id', 'job_id', 'number', 'kind', 'body', 'user_id', 'made_at'])
            ->chunk(2000, function ($rows) use (&$chain, &$job): void {
                foreach ($rows as $row) {
                    if ($row->job_id !== $job) {
                        [$job, $chain] = [$row->job_id, ''];
                    }
                    $chain = EntryChain::link($chain, [
                        'job_id' => (int) $row->job_id, 'number' => (int) $row->number, 'kind' => $row->kind, 'body' => $row->body,
                        'user_id' => (int) $row->user_id, 'made_at' => $row->made_at,
                    ]);
                    DB::table('entries')->where('id', $row->id)->update(['chain' => $chain]);
                }
            });
        foreach ($triggers as $sql) {
            DB::statement((string) $sql);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('backups');
        Schema::table('entries', function (Blueprint $table): void {
            $table->dropColumn('chain');
        });
    }
};
