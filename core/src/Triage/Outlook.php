<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Record;

/** What a conversation makes it look like so far, in words for someone who is no technician. Never a promise. */
final readonly class Outlook
{
    /**
     * Shares of belief: from which a part is spoken of, from which one stands out, and under which one is hardly likely. Origin:
     * judgement.
     */
    private const SPOKEN_OF_FROM = 0.08;

    private const STANDS_OUT_FROM = 0.25;

    private const OUT_BELOW = 0.015;

    /** How much likelier a part must have been before, to be worth a word that it hardly is any more. Origin: judgement. */
    private const FELL_BY = 2.0;

    private const MOST = 4;

    /**
     * @param  array<string, float>  $likely  kind of part => probability, likeliest first
     * @param  list<string>  $looksLike sentences
     * @param  list<string>  $unlikely  sentences
     * @param  bool  $runs    it started and stayed on when last tried
     */
    private function __construct(public array $likely, public array $looksLike, public array $unlikely, public bool $runs)
    {
    }

    public static function of(Replay $replay, Record $record, Catalogue $catalogue): self
    {
        $now = self::likeliestFirst($replay->belief->byGroup(self::kinds($replay))[0]);
        $before = self::likeliestFirst($replay->prior()->belief(0.0)->byGroup(self::kinds($replay))[0]);
        $looksLike = $unlikely = [];
        foreach (array_slice($now, 0, self::MOST, true) as $kind => $p) {
            if ($p >= self::SPOKEN_OF_FROM && $kind !== 'outside') {
                $looksLike[] = ucfirst($catalogue->part($kind)->plain).': '.self::inWords($p).'.';
            }
        }
        if ($now !== [] && $looksLike !== [] && max($now) < self::STANDS_OUT_FROM) {
            array_unshift($looksLike, 'Still wide open; of many things these a little more than others:');
        }
        foreach ($before as $kind => $p) {
            $left = $now[$kind] ?? 0.0;
            if ($left < self::OUT_BELOW && $p > self::FELL_BY * max($left, 1e-9) && $p > self::OUT_BELOW && $kind !== 'outside') {
                $unlikely[] = ucfirst($catalogue->part($kind)->plain).'.';
            }
        }

        return new self($now, $looksLike, array_slice($unlikely, 0, 2 * self::MOST), self::lastTried($record, $catalogue) === 'stays');
    }

    /** How the last start ended that was told of. */
    private static function lastTried(Record $record, Catalogue $catalogue): ?string
    {
        $last = null;
        foreach ($record->inForce as $entry) {
            $last = Circumstances::reached($entry, $catalogue) ?? $last;
        }

        return $last;
    }

    /** @return array<int, string> mode => kind of part, of the machine's own */
    private static function kinds(Replay $replay): array
    {
        $kinds = [];
        foreach ($replay->model->modes->all as $i => $mode) {
            if ($mode->spare === null) {
                $kinds[$i] = $replay->model->machine->part($mode->part)->kind->id;
            }
        }

        return $kinds;
    }

    /**
     * @param  array<string, float>  $shares
     *
     * @return array<string, float>
     */
    private static function likeliestFirst(array $shares): array
    {
        arsort($shares);

        return $shares;
    }

    private static function inWords(float $p): string
    {
        return match (true) {
            $p >= 0.85 => 'it very much looks like it',
            $p >= 0.6 => 'more likely than not',
            $p >= 0.35 => 'quite possible',
            $p >= 0.18 => 'possible',
            default => 'less likely, still open',
        };
    }
}
