<?php

declare(strict_types=1);

namespace App\Models;

use Orthoscope\Core\Bench\JobState;

/** Which machines of the floor somebody wants to see: by what can be done about them now. */
enum FloorFilter: string
{
    case All = 'all';
    case Now = 'now';
    case Mine = 'mine';
    case Word = 'word';
    case Parked = 'parked';
    case Ready = 'ready';

    public function words(): string
    {
        return match ($this) {
            self::All => 'All',
            self::Now => 'I can act',
            self::Mine => 'Mine',
            self::Word => 'Word owed',
            self::Parked => 'Waits',
            self::Ready => 'Ready',
        };
    }

    /** What is said where none is among them. */
    public function none(): string
    {
        return match ($this) {
            self::All => 'No machine is in the shop.',
            self::Now => 'Nothing here waits for you.',
            self::Mine => 'You have no machine in hand: none is on your bench, and none was last worked on by you.',
            self::Word => 'No owner waits for a word.',
            self::Parked => 'Nothing waits for a part, an answer or a spare.',
            self::Ready => 'Nothing is ready to be handed back.',
        };
    }

    /**
     * @param  ?int  $lastBy who made its last entry
     */
    public function takes(Job $job, User $user, ?int $lastBy): bool
    {
        $state = $job->state();

        return match ($this) {
            self::All => true,
            self::Now => self::isFor($user, $job),
            self::Mine => $job->claim?->user_id === $user->id
                || ($job->claim === null && $lastBy === $user->id && ! in_array($state, [JobState::Collect, JobState::Closed], true)),
            self::Word => self::owesWord($job),
            self::Parked => in_array($state, [JobState::Parked, JobState::Part, JobState::Answer], true),
            self::Ready => in_array($state, [JobState::HandBack, JobState::Collect], true),
        };
    }

    /** At the bench what nobody else has in hand and can be worked on; at the counter what an owner is to be told, or fetches. */
    private static function isFor(User $user, Job $job): bool
    {
        if (! $user->can('work-at-bench')) {
            return self::owesWord($job) || $job->state() === JobState::Collect;
        }
        $someoneElses = $job->claim !== null && $job->claim->user_id !== $user->id;
        $waits = in_array($job->state(), [JobState::Answer, JobState::Part, JobState::Parked, JobState::Collect, JobState::Closed], true);

        return ! $someoneElses && ! $waits;
    }

    private static function owesWord(Job $job): bool
    {
        return ! ($job->summary->closed ?? false) && $job->next_word_at?->isPast() === true;
    }
}
