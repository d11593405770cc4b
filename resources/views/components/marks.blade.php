{{-- The marks of standing. They differ by shape and fill first, by colour last. --}}
<svg class="visually-hidden" width="0" height="0" aria-hidden="true" focusable="false">
    <defs>
        <pattern id="hatch" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path class="hatch-line" d="M0 0V4" />
        </pattern>
        <pattern id="stripe" width="5" height="5" patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)">
            <path class="stripe-line" d="M1 0V5" />
        </pattern>
        <symbol id="mark-proved" viewBox="0 0 20 20">
            <circle class="proof-fill" cx="10" cy="10" r="9" />
            <path class="on-fill" d="M5.6 10.4 8.8 13.5 14.4 6.8" />
        </symbol>
        <symbol id="mark-worked" viewBox="0 0 20 20">
            <circle class="proof-line" cx="10" cy="10" r="8" />
            <path class="proof-line" d="M5.6 10.4 8.8 13.5 14.4 6.8" />
        </symbol>
        <symbol id="mark-not-alone" viewBox="0 0 20 20">
            <circle class="ink-line" cx="10" cy="10" r="8" />
            <path class="proof-fill" d="M10 3a7 7 0 0 0 0 14z" />
        </symbol>
        <symbol id="mark-hidden" viewBox="0 0 20 20">
            <circle cx="10" cy="10" r="8" fill="url(#hatch)" />
            <circle class="faint-line broken" cx="10" cy="10" r="8" />
        </symbol>
        <symbol id="mark-not-tested" viewBox="0 0 20 20">
            <circle class="ink-line" cx="10" cy="10" r="7.6" />
        </symbol>
        <symbol id="mark-suspect" viewBox="0 0 20 20">
            <path class="copper-line" d="M10 1.5 18.5 10 10 18.5 1.5 10z" />
            <path class="copper-fill" d="M10 1.5V18.5L1.5 10z" />
        </symbol>
        <symbol id="mark-provisional" viewBox="0 0 20 20">
            <circle class="copper-line" cx="10" cy="10" r="9" />
            <path class="copper-line" d="M10 4 16 10 10 16 4 10z" />
            <path class="copper-fill" d="M10 4V16L4 10z" />
        </symbol>
        <symbol id="mark-condemned" viewBox="0 0 20 20">
            <rect class="danger-fill" x="1.5" y="1.5" width="17" height="17" rx="2" />
            <path class="on-fill" d="M6 6 14 14M14 6 6 14" />
        </symbol>
        <symbol id="mark-cured" viewBox="0 0 20 20">
            <path class="proof-line" d="M10 1.5 18.5 10 10 18.5 1.5 10z" />
            <path class="proof-line" d="M6.2 10.3 9 13 13.8 7.2" />
        </symbol>
    </defs>
</svg>
