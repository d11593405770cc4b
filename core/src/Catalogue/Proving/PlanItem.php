<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Proving;

use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\SetUp\SetUp;

/** One thing that may have to be proved: a look or reading that must pass, or a start under a condition. */
final readonly class PlanItem
{
    public const FREE_SLOT = 'free-slot';

    /**
     * @param  string  $plain   in the words of the owner
     * @param  ?string  $check   the look or reading
     * @param  ?string  $pass    the result of it that proves
     * @param  ?SetUp  $setUp   the start that must stay up
     * @param  list<string>  $when    conditions, one of which must hold
     * @param  bool  $consent goes beyond the log-in screen
     * @param  bool  $long    only where the owner wanted it proved long
     * @param  ?string  $needs   kind of part the machine must have; FREE_SLOT asks for more slots than sticks
     * @param  array<string, string>  $where   fact of the machine => word that must be among what is said of it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $plain,
        public ?string $check,
        public ?string $pass,
        public ?SetUp $setUp,
        public array $when,
        public bool $consent,
        public bool $long,
        public ?string $needs,
        public array $where,
    ) {
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            plain: $row->text('plain'),
            check: $row->textOrNull('check'),
            pass: $row->textOrNull('pass'),
            setUp: $row->has('start') ? SetUp::fromRow($row->row('start')) : null,
            when: $row->texts('when'),
            consent: $row->flag('consent'),
            long: $row->text('depth', '') === 'long',
            needs: $row->textOrNull('needs'),
            where: $row->textByName('where', []),
        );
    }
}
