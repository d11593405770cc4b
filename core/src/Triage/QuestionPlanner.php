<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Diagnosis\Information;
use Orthoscope\Core\Diagnosis\Likelihood;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;

/**
 * Which question to ask next of someone who is no technician: the one expected to tell most, for each minute of theirs, of
 * which part it is. What is dangerous or makes no sense is not among them.
 */
final class QuestionPlanner
{
    /** Bits under which a question is not worth asking. Origin: judgement. */
    public const LEAST_BITS = 0.05;

    /** Share of belief, and states, that are looked at. Origin: judgement. */
    private const MASS = 0.98;

    private const STATES = 300;

    public readonly OpenQuestions $open;

    /** @var list<array{list<int>, float, string}> faults there now, probability, parts at fault */
    private array $states = [];

    public function __construct(private readonly Catalogue $catalogue, private readonly Replay $replay, Record $record)
    {
        $this->open = new OpenQuestions($catalogue, $record);
        foreach ($replay->belief->mostOf(self::MASS, self::STATES)->states() as [$now, $weight, $had]) {
            $parts = array_unique(array_map(fn (int $mode): string => $replay->model->modes->all[$mode]->part, $had));
            sort($parts);
            $this->states[] = [$now, $weight, implode(' ', $parts)];
        }
    }

    /** @return list<RankedQuestion> worth most first; those under LEAST_BITS are left out */
    public function ranked(): array
    {
        $open = $this->open->all();
        $ranked = [];
        foreach ($open as $question) {
            [$bits, $expected] = $this->tells($question);
            $minutes = $question->minutes;
            if ($bits < self::LEAST_BITS && ! $question->first) {
                [$bits, $minutes] = $this->opensUp($question);
            }
            if ($bits >= self::LEAST_BITS || $question->first) {
                $ranked[] = new RankedQuestion($question, $bits, $bits / $minutes, $expected);
            }
        }
        usort($ranked, fn (RankedQuestion $a, RankedQuestion $b): int => $b->worth <=> $a->worth);

        return $ranked;
    }

    /**
     * What a question is expected to tell by itself.
     *
     * @return array{float, array<string, float>} bits, and answer => probability
     */
    public function tells(Question $question): array
    {
        [$told, $expected] = $this->toldBy($question);

        return [Information::gain($told), $expected];
    }

    /**
     * What each answer adds to that: how likely it is, times how far it moves what is believed. They sum to what the question tells.
     *
     * @return array<string, float> answer => bits, 0 at least
     */
    public function answersTell(Question $question): array
    {
        [$told, $expected] = $this->toldBy($question);
        $bits = array_map(fn (float $share): float => 0.0, $expected);
        foreach ($told as [$weight, $shares]) {
            foreach ($shares as $answer => $share) {
                $bits[$answer] += $share > 0.0 ? $weight * $share * log($share / $expected[$answer], 2) : 0.0;
            }
        }

        return array_map(fn (float $one): float => max(0.0, $one), $bits);
    }

    /**
     * @return array{list<array{float, array<string, float>}>, array<string, float>} for each set of parts at fault its probability, and
     *     answer => share in it; answer => share in all
     */
    private function toldBy(Question $question): array
    {
        $likelihoods = self::likelihoods($this->catalogue, $this->replay, $question, $this->catalogue->number('trust_caller'));
        $byParts = $weights = $expected = [];
        foreach ($this->states as [$now, $weight, $parts]) {
            $shares = self::shares($likelihoods, $now);
            $weights[$parts] = ($weights[$parts] ?? 0.0) + $weight;
            foreach ($shares as $answer => $share) {
                $byParts[$parts][$answer] = ($byParts[$parts][$answer] ?? 0.0) + $weight * $share;
                $expected[$answer] = ($expected[$answer] ?? 0.0) + $weight * $share;
            }
        }
        $told = [];
        foreach ($byParts as $parts => $sums) {
            $told[] = [$weights[$parts], array_map(fn (float $sum): float => $sum / $weights[$parts], $sums)];
        }

        return [$told, $expected];
    }

    /**
     * A question that tells nothing itself may be what another waits for.
     *
     * @return array{float, float} bits to expect, and minutes with the other
     */
    private function opensUp(Question $question): array
    {
        $best = [0.0, $question->minutes];
        foreach ($this->catalogue->questions as $other) {
            $waits = array_filter($other->needs, fn (string $word): bool => str_starts_with($word, "{$question->id}:"));
            if ($waits !== [] && ! isset($this->open->answered[$other->id])) {
                // Half the answers open it. Origin: judgement.
                $bits = $this->tells($other)[0] / 2;
                $best = $bits > $best[0] ? [$bits, $question->minutes + $other->minutes / 2] : $best;
            }
        }

        return $best;
    }

    /**
     * @return array<string, Likelihood> answer => how likely it is in a state
     */
    public static function likelihoods(Catalogue $catalogue, Replay $replay, Question $question, float $trust): array
    {
        $likelihoods = [];
        $flat = new FlatLikelihood(1.0 / count($question->answers));
        foreach ($question->answers as $id => $meaning) {
            $likelihoods[(string) $id] = $meaning->event !== null && $meaning->mark === null
                ? new EventLikelihood($replay->model->modes, $catalogue, $catalogue->events[$meaning->event])
                : $replay->answerLikelihood($question, $meaning, $trust) ?? $flat;
        }

        return $likelihoods;
    }

    /**
     * @param  array<string, Likelihood>  $likelihoods
     * @param  list<int>  $faults
     *
     * @return array<string, float> answer => share, summing to one
     */
    public static function shares(array $likelihoods, array $faults): array
    {
        $shares = array_map(fn (Likelihood $likelihood): float => $likelihood->given($faults), $likelihoods);
        $sum = array_sum($shares);

        return array_map(fn (float $share): float => $share / $sum, $shares);
    }
}
