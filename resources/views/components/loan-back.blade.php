@props(['loan'])
<form method="post" action="{{ route('loans.back', $loan) }}" class="loan-back">
    @csrf
    <span class="lent">{{ $loan->spare->tag }}</span> <span>{{ $loan->spare->name }}, {{ $loan->user->name }} since
        {{ $loan->lent_at->format('j M, H:i') }} @if ($loan->isOverdue())
            <b class="danger">overdue</b>
        @endif
    </span>
    <label class="visually-hidden" for="lr-{{ $loan->id }}">How it did</label><select id="lr-{{ $loan->id }}"
        name="result">
        @foreach (App\Models\Loan::RESULTS as $result => $words)
            <option value="{{ $result }}">{{ $words }}</option>
        @endforeach
    </select>
    <label class="visually-hidden" for="lw-{{ $loan->id }}">Remark</label><input id="lw-{{ $loan->id }}"
        name="words" placeholder="remark" maxlength="200" autocomplete="off">
    <label class="tick"><input type="checkbox" name="look" value="1"> looked at: contacts, plugs,
        smell</label>
    <button>bring back</button>
</form>
