<?php

declare(strict_types=1);

namespace Orthoscope\Core\Patterns;

/** Jobs counted by what they are and what came of them. */
final readonly class Counted
{
    /**
     * @param  int  $all how many jobs there are
     * @param  array<string, int>  $outcomes outcome => jobs
     * @param  array<string, array<string, int>>  $families family => outcome => jobs; under '' all of the family
     * @param  array<string, Pair>  $pairs by id
     */
    private function __construct(public int $all, private array $outcomes, private array $families, private array $pairs)
    {
    }

    /**
     * @param  list<Seen>  $jobs
     * @param  callable(string, string): bool  $isLookedAt whether an outcome is looked at for an attribute
     */
    public static function in(array $jobs, callable $isLookedAt): self
    {
        $outcomes = $families = [];
        foreach ($jobs as $job) {
            foreach ($job->came as $outcome) {
                $outcomes[$outcome] = ($outcomes[$outcome] ?? 0) + 1;
            }
            foreach ([...$job->came, ''] as $outcome) {
                $families[$job->family()][$outcome] = ($families[$job->family()][$outcome] ?? 0) + 1;
            }
        }

        return new self(count($jobs), $outcomes, $families, self::paired($jobs, $isLookedAt));
    }

    /**
     * @param  list<Seen>  $jobs
     * @param  callable(string, string): bool  $isLookedAt
     *
     * @return array<string, Pair>
     */
    private static function paired(array $jobs, callable $isLookedAt): array
    {
        $have = $both = [];
        foreach ($jobs as $job) {
            foreach ($job->is as $attribute => $values) {
                $came = array_filter($job->came, static fn (string $outcome): bool => $isLookedAt($attribute, $outcome));
                foreach ($values as $value) {
                    $have[$attribute][$value] = ($have[$attribute][$value] ?? 0) + 1;
                    foreach ($came as $outcome) {
                        $both[$attribute][$value][$outcome][] = $job;
                    }
                }
            }
        }
        $pairs = [];
        foreach ($both as $attribute => $ofValue) {
            foreach ($ofValue as $value => $ofOutcome) {
                foreach ($ofOutcome as $outcome => $with) {
                    $pair = new Pair($attribute, (string) $value, $outcome, $have[$attribute][$value], $with);
                    $pairs[$pair->id()] = $pair;
                }
            }
        }

        return $pairs;
    }

    /** @return array<string, Pair> those of which value and outcome each came at least so often */
    public function pairs(int $least): array
    {
        return array_filter($this->pairs, fn (Pair $pair): bool => $pair->of >= $least && $this->outcomes[$pair->outcome] >= $least);
    }

    public function pair(string $id): Pair
    {
        return $this->pairs[$id];
    }

    /** @return array{int, int, int, int} jobs with value and outcome; with the value alone; with the outcome alone; with neither */
    public function fourfold(Pair $pair): array
    {
        $with = $pair->times();
        $elsewhere = $this->outcomes[$pair->outcome] - $with;

        return [$with, $pair->of - $with, $elsewhere, $this->all - $pair->of - $elsewhere];
    }

    /** The usual share of the outcome, 0 to 1: of a model that of its family, of all else that of all jobs. */
    public function usual(Pair $pair): float
    {
        $family = $this->families[$pair->jobs[0]->family()];

        return $pair->attribute === 'model' ? ($family[$pair->outcome] ?? 0) / $family[''] : $this->outcomes[$pair->outcome] / $this->all;
    }
}
