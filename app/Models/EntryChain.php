<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Each entry of a record carries a hash over itself and the one before it (SHA-256): an entry that was changed, left out or slipped in, by
 * whatever way, breaks the chain of its job from there on.
 */
final class EntryChain
{
    private const AT_ONCE = 5000;

    /**
     * @param  string  $before chain of the entry before it; empty for the first
     * @param  array{job_id: int, number: int, kind: string, body: string, user_id: int, made_at: string}  $row as it stands in the database
     */
    public static function link(string $before, array $row): string
    {
        return hash('sha256', implode("\n", [
            $before, $row['job_id'], $row['number'], $row['kind'], $row['body'], $row['user_id'], $row['made_at'],
        ]));
    }

    /** The chain that the next entry of a job goes on from. */
    public static function lastOf(int $job): string
    {
        return (string) DB::table('entries')->where('job_id', $job)->orderByDesc('number')->value('chain');
    }

    /**
     * Rows of one job, in their order from its first entry, each with its link.
     *
     * @param  list<array<string, mixed>>  $rows as they are to be inserted
     *
     * @return list<array<string, mixed>>
     */
    public static function over(array $rows): array
    {
        $chain = '';
        foreach ($rows as $i => $row) {
            $at = $row['made_at'];
            $rows[$i]['made_at'] = $at instanceof DateTimeInterface
                ? DateTimeImmutable::createFromInterface($at)->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s')
                : $at;
            $rows[$i]['chain'] = $chain = self::link($chain, self::plain((object) $rows[$i]));
        }

        return $rows;
    }

    /**
     * Jobs whose chain is broken, and at which entry.
     *
     * @param  ?string  $connection null = the application's own
     *
     * @return array<int, int> job => number of the first entry that does not fit
     */
    public static function broken(?string $connection = null): array
    {
        $broken = [];
        $chain = '';
        $job = $number = 0;
        foreach (self::all($connection) as $row) {
            if ($row->job_id !== $job) {
                [$job, $chain, $number] = [$row->job_id, '', 0];
            }
            $chain = self::link($chain, self::plain($row));
            if (! isset($broken[$job]) && ($row->chain !== $chain || $row->number !== $number + 1)) {
                $broken[$job] = $row->number;
            }
            $number = $row->number;
        }

        return $broken;
    }

    /** @return iterable<stdClass> in parts, as a server's answer is held whole in memory */
    private static function all(?string $connection): iterable
    {
        $job = $number = 0;
        do {
            $rows = DB::connection($connection)->table('entries')->orderBy('job_id')->orderBy('number')
                ->select(['job_id', 'number', 'kind', 'body', 'user_id', 'made_at', 'chain'])
                ->whereRowValues(['job_id', 'number'], '>', [$job, $number])->limit(self::AT_ONCE)->get();
            foreach ($rows as $row) {
                /** @var stdClass $row */
                yield $row;
                [$job, $number] = [$row->job_id, $row->number];
            }
        } while ($rows->isNotEmpty());
    }

    /** @return array{job_id: int, number: int, kind: string, body: string, user_id: int, made_at: string} */
    private static function plain(stdClass $row): array
    {
        return [
            'job_id' => (int) $row->job_id, 'number' => (int) $row->number, 'kind' => (string) $row->kind, 'body' => (string) $row->body,
            'user_id' => (int) $row->user_id, 'made_at' => (string) $row->made_at,
        ];
    }
}
