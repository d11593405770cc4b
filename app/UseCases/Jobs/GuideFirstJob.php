<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Takes in the made-up machine of a first job: a small desktop whose power supply is dead. */
final readonly class GuideFirstJob
{
    /** What its owner agreed to, minor units: enough that nobody has to be asked. */
    public const LIMIT = 25000;

    private const MADE_OF = [
        'model' => 'Petrel 1',
        'memory' => ['slots' => ['A2', 'B2'], 'sticks' => ['A2', 'B2']],
        'card' => true,
        'drives' => 1,
        'facts' => ['own_graphics' => false, 'status_lamps' => true, 'speaker' => false, 'code_display' => false],
    ];

    private const TOLD = [
        'kind' => 'report',
        'text' => 'It does nothing since the storm last night.',
        'reached' => 'nothing',
        'events' => ['storm'],
    ];

    public function __construct(private TakeInMachine $takeIn)
    {
    }

    public function begin(User $by): Job
    {
        return DB::transaction(function () use ($by): Job {
            $job = $this->takeIn->takeIn(
                $by,
                ['name' => 'Sam Sample', 'phone' => '0555 000 001', 'email' => ''],
                self::MADE_OF,
                [self::TOLD],
                null,
                ['limit' => self::LIMIT],
            );
            $job->update(['guided' => true]);

            return $job;
        });
    }
}
