<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Owner;
use Illuminate\Support\Facades\DB;

/** People who were here before, recognised by telephone, mail, the serial number of the machine, or a name that is nearly the same. */
final class KnownOwners
{
    /** Digits a number must have to be compared. */
    private const DIGITS = 6;

    /** Letters by which two names may differ. */
    private const TYPOS = 2;

    private const MOST = 5;

    /**
     * @param  array{name: string, phone: string, email: string}  $owner
     *
     * @return list<Owner> those with the same telephone or mail first
     */
    public static function like(array $owner, ?Owner $but = null, string $serial = ''): array
    {
        $key = Owner::phoneKey($owner['phone']);
        $start = addcslashes(mb_substr($owner['name'], 0, 2), '%_\\');
        $found = Owner::query()
            ->where('id', '!=', $but->id ?? 0)
            ->whereNull('joined_into')
            // Who only called is nobody yet; who was brought in from the books of before is.
            ->where(
                fn ($here) => $here
                    ->whereHas('machines.jobs', fn ($job) => $job->whereNotNull('arrived_at'))
                    ->orWhereDoesntHave('machines'),
            )
            ->where(function ($query) use ($owner, $key, $start, $serial): void {
                $query->whereRaw('0 = 1');
                if (strlen($key) >= self::DIGITS) {
                    $query->orWhere('phone_key', $key);
                }
                if ($owner['email'] !== '') {
                    $query->orWhereRaw('lower(email) = ?', [mb_strtolower($owner['email'])]);
                }
                if ($serial !== '') {
                    $query->orWhereHas('machines', fn ($machine) => $machine->where('made_of->platform->serial', $serial));
                }
                if ($start !== '') {
                    $like = DB::getDriverName() === 'pgsql' ? 'ilike' : 'like';
                    $query->orWhereRaw("name {$like} ? escape '\\'", ["{$start}%"]);
                }
            })
            ->orderByDesc('id')
            ->limit(500)
            ->get();
        $same = fn (Owner $known): bool => (strlen($key) >= self::DIGITS && $known->phone_key === $key)
            || ($owner['email'] !== '' && mb_strtolower($known->email) === mb_strtolower($owner['email']));
        $brought = $serial === '' ? [] : Machine::query()->where('made_of->platform->serial', $serial)->pluck('owner_id')->all();
        $alike = $found->filter(
            fn (Owner $known): bool => $same($known)
                || in_array($known->id, $brought, true)
                || self::nearlyNamed($known->name, $owner['name']),
        );

        return array_values($alike->sortBy(fn (Owner $known): int => $same($known) ? 0 : 1)->take(self::MOST)->all());
    }

    /**
     * What is said of someone who was here before: their machines, and a warranty that still runs.
     *
     * @return array{id: int, name: string, reach: string, jobs: list<string>}
     */
    public static function line(Owner $owner): array
    {
        $jobs = Job::query()
            ->here()
            ->whereHas('machine', fn ($machine) => $machine->where('owner_id', $owner->id))
            ->with('machine')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();

        return [
            'id' => $owner->id,
            'name' => $owner->name,
            'reach' => implode(', ', array_filter([$owner->phone, $owner->email])),
            'jobs' => array_values(
                $jobs
                    ->map(
                        fn (Job $job): string => "{$job->tag}, {$job->machine->model}, came "
                            .shop()->date($job->arrived_at)
                            .self::warranty($job),
                    )
                    ->all(),
            ),
        ];
    }

    private static function warranty(Job $job): string
    {
        $closing = Entry::query()->where('job_id', $job->id)->where('kind', 'closing')->orderByDesc('number')->first();
        $struck = $closing !== null
            && Entry::query()->where('job_id', $job->id)->where('kind', 'strike-out')->where('body->entry', $closing->number)->exists();
        $until = $closing === null || $struck ? null : $closing->made_at->copy()->addMonths((int) ($closing->body['warranty_months'] ?? 0));

        if ($until === null) {
            return ', still open';
        }
        $back = ', handed back '.shop()->date($closing->made_at);

        return $until->isFuture() ? "{$back}, warranty until ".shop()->date($until).': comeback?' : $back;
    }

    private static function nearlyNamed(string $a, string $b): bool
    {
        [$a, $b] = array_map(fn (string $name): string => mb_strtolower(trim((string) preg_replace('/\s+/', ' ', $name))), [$a, $b]);

        return $a !== '' && (strlen($a) > 6 ? levenshtein(substr($a, 0, 200), substr($b, 0, 200)) <= self::TYPOS : $a === $b);
    }
}
