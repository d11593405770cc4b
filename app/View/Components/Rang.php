<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Job;
use App\UseCases\Shop\PromiseNextWord;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\View\Component;
use Illuminate\View\View;

/** "I rang them: said …, next word on …", in one press, wherever a job is listed. The hour is offered as at arrival. */
final class Rang extends Component
{
    public readonly Carbon $next;

    public readonly string $once;

    public function __construct(public readonly Job $job, ?Carbon $next = null)
    {
        $this->next = $next ?? PromiseNextWord::for();
        $this->once = (string) Str::uuid();
    }

    public function render(): View
    {
        return view('components.rang');
    }
}
