<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\EvidencePdf;
use App\Http\Requests\MoneyTyped;
use App\Models\Job;
use App\Models\SupplierClaim;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Parts\SupplierClaims;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use Orthoscope\Core\Returns\Claimable;
use Orthoscope\Core\Supplier\ClaimAnswer;

/** A claim against a supplier, round by round. */
final class SupplierClaimController
{
    public function create(Job $job, AssessJob $assessJob): View
    {
        $parts = Claimable::of($assessJob->assess($job->load(['machine.owner', 'orders'])));

        return view('claim-new', ['job' => $job, 'parts' => $parts, 'suggested' => SupplierClaims::suggested($job, $parts)]);
    }

    public function store(Request $request, Job $job, SupplierClaims $claims, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'what' => ['required', 'string', 'max:60'],
                'to' => ['nullable', 'string', 'max:120'],
                'reason' => ['required', 'string', 'max:400'],
                'deadline' => ['nullable', 'date_format:Y-m-d'],
            ],
            [
                'what.*' => 'Say what goes back.',
                'reason.*' => 'Write why it goes back, in up to 400 letters.',
                'deadline.*' => 'Choose the last day on which it can go back.',
                'to.max' => 'Keep the name under 120 letters.',
            ],
        );
        [$part, $tag] = [...explode('|', $given['what'], 2), ''];
        $claim = $claims->open(
            $job,
            $user,
            $part,
            $tag,
            (string) ($given['to'] ?? 'the supplier'),
            $given['reason'],
            $given['deadline'] ?? null,
            $request->boolean('parcel'),
        );

        return redirect()->route('claims.show', $claim);
    }

    public function show(SupplierClaim $claim, SupplierClaims $claims): View
    {
        $claim->load(['job.machine.owner', 'order', 'user']);

        return view('claim', [
            'claim' => $claim,
            'pack' => $claims->evidence($claim),
            'sides' => $claims->separation($claim),
            'photos' => $claim->job->photos()->count(),
        ]);
    }

    public function send(Request $request, SupplierClaim $claim, SupplierClaims $claims): RedirectResponse
    {
        $given = $request->validate(
            ['condition' => ['nullable', 'string', 'max:200'], 'shipping' => ['nullable', 'string', new MoneyTyped]],
            ['condition.max' => 'Keep it under 200 letters.'],
        );
        $claims->send(
            $claim,
            (string) ($given['condition'] ?? ''),
            ($given['shipping'] ?? '') === '' ? 0 : shop()->money()->parse($given['shipping'])->minor,
        );

        return redirect()->route('claims.show', $claim)->with('status', 'It is with the supplier.');
    }

    public function answer(Request $request, SupplierClaim $claim, SupplierClaims $claims): RedirectResponse
    {
        $given = $request->validate(
            [
                'answer' => ['required', Rule::in(['ask', ...array_column(ClaimAnswer::cases(), 'value')])],
                'words' => ['nullable', 'string', 'max:300'],
                'got' => ['nullable', 'string', new MoneyTyped],
            ],
            ['answer.*' => 'Say how it was answered.', 'words.max' => 'Keep it under 300 letters.'],
        );
        $answer = $claims->answered(
            $claim,
            $given['answer'] === 'ask' ? null : $given['answer'],
            (string) ($given['words'] ?? ''),
            ($given['got'] ?? '') === '' ? 0 : shop()->money()->parse($given['got'])->minor,
        );

        return redirect()
            ->route('claims.show', $claim)
            ->with('status', 'The answer: '.ClaimAnswer::from($answer)->words().'.');
    }

    public function talk(Request $request, SupplierClaim $claim, SupplierClaims $claims, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'way' => ['required', Rule::in(array_keys(SupplierClaim::WAYS))],
                'whom' => ['nullable', 'string', 'max:80'],
                'reference' => ['nullable', 'string', 'max:60'],
                'words' => ['required', 'string', 'max:400'],
                'promised' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:today'],
                'borne' => ['nullable', 'string', new MoneyTyped],
            ],
            [
                'way.*' => 'Say whether it was a call, a letter or a mail.',
                'whom.max' => 'Keep the name under 80 letters.',
                'reference.max' => 'Keep their number under 60 letters.',
                'words.*' => 'Write what was said, in up to 400 letters.',
                'promised.*' => 'Choose the day they promised, today or later; leave it open if they promised none.',
            ],
        );
        $claims->talked(
            $claim,
            $user,
            [
                'way' => $given['way'],
                'whom' => $given['whom'] ?? '',
                'reference' => $given['reference'] ?? '',
                'words' => $given['words'],
                'promised' => $given['promised'] ?? null,
            ],
            ($given['borne'] ?? '') === '' ? 0 : shop()->money()->parse($given['borne'])->minor,
        );

        return redirect()->route('claims.show', $claim)->with('status', 'Written down; the next date follows from it.');
    }

    public function giveUp(SupplierClaim $claim, SupplierClaims $claims): RedirectResponse
    {
        $claims->giveUp($claim);

        return redirect()->route('claims.show', $claim)->with('status', 'Given up; what it cost stays with the job.');
    }

    public function json(SupplierClaim $claim, SupplierClaims $claims): JsonResponse
    {
        return response()->json(
            $claims->evidence($claim)->toArray(),
            200,
            ['Content-Disposition' => "attachment; filename=\"evidence-{$claim->id}.json\""],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
        );
    }

    public function pdf(SupplierClaim $claim, SupplierClaims $claims): Response
    {
        return response(EvidencePdf::of($claim->load('job.machine'), $claims->evidence($claim)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"evidence-{$claim->id}.pdf\"",
        ]);
    }
}
