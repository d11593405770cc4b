<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Rules that PHPStan holds the code to. */
final class CoreStandsAlone
{
    public function test_core_knows_no_framework_and_no_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Orthoscope\Core'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'))
            ->because('the reasoning runs and is tested without the application');
    }

    public function test_drawing_asks_the_database_nothing(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\View'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Illuminate\Database'), Selector::inNamespace('Illuminate\Support\Facades'))
            ->because('views draw what they are given');
    }

    public function test_controllers_leave_the_ledger_to_its_use_case(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Orthoscope\Core\Diagnosis'), Selector::inNamespace('Orthoscope\Core\Planning'))
            ->because('controllers decide nothing about faults');
    }
}
