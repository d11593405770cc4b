<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;

/** Makes trials of others from their written form. */
final readonly class TrialReader
{
    /** Kinds of part that stand in another's place wherever the machine is tried away from home. */
    private const THEIRS = ['wall-lead', 'video-lead', 'screen'];

    public function __construct(private Catalogue $catalogue, private Machine $machine, private SignWords $words)
    {
    }

    public function read(Head $head, Written $written): OthersTrial
    {
        if ($written->word('reached') === '') {
            throw $written->mistake('reached', 'Say how it went when they tried it.');
        }
        $where = $written->oneOf('place', 'where', [OthersTrial::HOME, OthersTrial::ELSEWHERE], OthersTrial::HOME);
        $parts = array_keys($this->machine->parts);
        $out = array_values(array_unique($written->allOf('part of this machine', 'out', $parts)));
        $theirs = $written->allOf('part of this machine', 'theirs', $parts);
        if (array_intersect($out, $theirs) !== []) {
            throw $written->mistake('theirs', 'A part was either taken out or another put in its place; say one of them.');
        }

        return new OthersTrial(
            $head,
            who: $written->oneOf('one who tried it', 'who', array_keys(OthersTrial::BY)),
            where: $where,
            setUp: $this->setUp($where, $out, $theirs, $written),
            reached: $this->words->reached($written),
            signs: $this->words->signs($written->part('signs')),
            times: $written->count('times'),
            theirs: $theirs,
        );
    }

    /**
     * @param  list<string>  $out
     * @param  list<string>  $theirs
     */
    private function setUp(string $where, array $out, array $theirs, Written $written): SetUp
    {
        foreach ($where === OthersTrial::ELSEWHERE ? self::THEIRS : [] as $kind) {
            array_push($theirs, ...array_diff(array_column($this->machine->ofKind($kind), 'id'), $out));
        }
        $trust = $this->catalogue->number('home_part_trust');
        $lent = array_fill_keys(array_values(array_unique($theirs)), new Lent(OthersTrial::THEIRS, $trust));
        ksort($lent);
        sort($out);
        $temperature = $written->oneOfOrNull('temperature', 'temperature', ['cold', 'warm']);

        return new SetUp(
            out: $out,
            lent: $lent,
            place: $where === OthersTrial::HOME ? Place::Owner : Place::InCase,
            temperature: $temperature === null ? null : Temperature::from($temperature),
            goal: Goal::from($written->oneOf('goal', 'goal', ['system', 'load', 'hours'], 'system')),
        );
    }
}
