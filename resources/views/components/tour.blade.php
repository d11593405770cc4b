{{-- Five stops of the bench page, told one after the other to whoever is new here. --}}
<ol id="tour" hidden>
    <li data-at=".chain-strip">
        <h2>The chain</h2>
        <p>The way of a start, from the wall socket to a running system. Copper shows how far this machine gets; the
            flag
            shows where it stops. Each part hangs where a start first needs it. A mark says what the record shows of it;
            rest
            on a mark, or move along with the arrow keys, and it says what it means.</p>
    </li>
    <li data-at=".panel.next">
        <h2>Next</h2>
        <p>What to do now: the step that tells most for its minutes and its risk. Do it, look, and press what happened:
            that
            is the record. <kbd>a</kbd> to <kbd>d</kbd> press the outcomes, <kbd>1</kbd> to <kbd>6</kbd> open another
            step.</p>
    </li>
    <li data-at=".sheet-panel">
        <h2>Record</h2>
        <p>Everything that was told, tried and found, newest first. Nothing is changed later: what was wrong is struck
            out and
            stays readable. What you recorded last can be taken back with <kbd>u</kbd>.</p>
    </li>
    <li data-at=".suspects">
        <h2>Suspects</h2>
        <p>Which part it may be, and how likely, worked out from the whole record after every entry. A part is condemned
            only when the record shows it, never because it looks likely.</p>
    </li>
    <li data-at=".rail">
        <h2>The way of a job</h2>
        <p>Where this job stands between the counter and its owner: found, decided, repaired, proved, handed back. Each
            station is a page. At the end stands a letter that tells the owner only what the record carries.</p>
    </li>
</ol>
