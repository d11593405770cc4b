<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Models\Job;

/** What stands for the fields of the shop's texts on one job. */
final class FactsForWords
{
    /** @return array<string, string> */
    public static function of(Job $job): array
    {
        $owner = $job->machine->owner;

        return [
            'name' => $owner->name,
            'model' => $job->machine->model,
            'tag' => $job->tag,
            'shop' => shop()->name,
            'phone' => shop()->phone,
            'mail' => shop()->mail,
            'link' => shop()->linkTo('owner.letter', $job->letter_token),
            'date' => $job->next_word_at?->format('l j F, H:i') ?? 'tomorrow',
        ];
    }

    /**
     * The same with something for what a moment knows alone, to look at a text before it is used.
     *
     * @return array<string, string>
     */
    public static function example(Job $job): array
    {
        $money = shop()->money();

        return [
            'what' => '(what the record says at that moment)',
            'total' => 'The price is '.$money->words(11900 * 10 ** $money->decimals / 100).'.',
            'since' => now()->subDays(30)->format('l j F'),
            'day' => $money->words(2 * 10 ** $money->decimals),
            'fee' => '(what storage costs, where the shop charges it)',
        ] + self::of($job);
    }
}
