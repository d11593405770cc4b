<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * The words jobs are found by. A word is found from its beginning, so that finding takes as long with a hundred thousand jobs as with ten.
 */
final class JobWords
{
    private const SHOWN = 30;

    /** Jobs of one word that are looked at, newest first. */
    private const LOOKED_AT = 300;

    /** A telephone number is found by its last so many digits, and more. */
    private const DIGITS = 5;

    /** A job's or a serial number is found by its last so many letters and digits, and more. */
    private const LAST_DIGITS = 3;

    private const LONGEST_ENDING = 8;

    private const MOST = 120;

    public static function keep(Job $job): void
    {
        DB::table('job_words')->where('job_id', $job->id)->delete();
        DB::table('job_words')->insert(
            array_map(
                fn (string $word): array => ['word' => $word, 'job_id' => $job->id],
                array_slice(
                    array_unique([
                        ...self::of(
                            $job->machine->owner->name,
                            $job->machine->owner->phone,
                            $job->machine->owner->email,
                            $job->machine->model,
                            $job->tag,
                            (string) ($job->machine->made_of['platform']['serial'] ?? ''),
                        ),
                        ...self::ofParts($job),
                    ]),
                    0,
                    self::MOST,
                ),
            ),
        );
    }

    /** @return list<string> */
    public static function of(string $name, string $phone, string $email, string $model, string $tag = '', string $serial = ''): array
    {
        $words = [
            ...self::split($name),
            ...self::split($model),
            ...self::split($email),
            ...self::split($serial),
            ...self::endings($tag),
            ...self::endings($serial),
        ];
        $key = Owner::phoneKey($phone);
        for ($digits = self::DIGITS; $digits <= strlen($key); $digits++) {
            $words[] = substr($key, -$digits);
        }

        return array_values(array_unique(array_map(strval(...), $words)));
    }

    /** @return list<string> models of its parts, those fitted here among them, and the tags of spares and orders that stood in it */
    private static function ofParts(Job $job): array
    {
        $models = array_filter((array) ($job->machine->made_of['platform'] ?? []), is_string(...));
        $facts = $job->facts;
        $words = [];
        foreach ([...array_values($models), ...$facts->parts ?? [], ...$facts->spares ?? []] as $named) {
            $words = [...$words, ...self::split($named), (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($named))];
        }

        return array_values(array_filter($words, fn (string $word): bool => mb_strlen($word) >= 2 && mb_strlen($word) <= 40));
    }

    /** @return list<string> the number by its last digits, three and more: what one remembers of "K4-327" is "327" */
    private static function endings(string $number): array
    {
        $plain = (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($number));
        $endings = [];
        for ($digits = self::LAST_DIGITS; $digits <= min(mb_strlen($plain), self::LONGEST_ENDING); $digits++) {
            $endings[] = mb_substr($plain, -$digits);
        }

        return $endings;
    }

    /** @return Collection<int, Job> newest first; every word that was typed is the beginning of one of theirs */
    public static function find(string $typed): Collection
    {
        $digits = (string) preg_replace('/\D/', '', $typed);
        $phone = strlen($digits) >= self::DIGITS && preg_match('/^[\d\s()+\/.-]+$/', trim($typed)) === 1;
        $words = $phone ? [Owner::phoneKey($typed)] : array_slice(self::split($typed), 0, 4);
        if ($words === []) {
            return new Collection;
        }
        $ids = null;
        foreach ($words as $word) {
            $with = self::with($word, $ids);
            $ids = $ids === null ? $with : array_values(array_intersect($ids, $with));
        }
        rsort($ids);

        return Job::query()
            ->with(['machine.owner', 'summary', 'claim.user'])
            ->whereIn('id', array_slice($ids, 0, self::SHOWN))
            ->orderByDesc('id')
            ->get();
    }

    /**
     * @param  ?list<int>  $among look among these only
     *
     * @return list<int> jobs with a word that begins so: those with just this word first
     */
    private static function with(string $word, ?array $among): array
    {
        $jobs = fn () => DB::table('job_words')->when($among !== null, fn ($query) => $query->whereIn('job_id', $among ?? []));
        $exact = $jobs()->where('word', $word)->orderByDesc('job_id')->limit(self::LOOKED_AT)->pluck('job_id')->all();
        $begins = count($exact) >= self::LOOKED_AT
                ? []
                : $jobs()
                    ->where('word', '>', $word)
                    ->where('word', '<', $word."\u{10FFFF}")
                    ->limit(self::LOOKED_AT)
                    ->pluck('job_id')
                    ->all();

        return array_values(array_unique(array_map(intval(...), [...$exact, ...$begins])));
    }

    /** @return list<string> */
    private static function split(string $words): array
    {
        return array_values(
            array_filter(
                array_map(
                    fn (string $word): string => mb_substr($word, 0, 40),
                    preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($words)) ?: [],
                ),
                fn (string $word): bool => mb_strlen($word) >= 2 || ctype_digit($word),
            ),
        );
    }
}
