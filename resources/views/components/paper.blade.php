{{-- Which paper the printer of this computer holds: kept in this browser, as a printer belongs to a place and not to a person. --}}
<label class="paper" for="paper">Paper <select id="paper" x-data="paper" x-on:change="pick">
        <option value="a4">A4 sheet</option>
        <option value="a6">A6 card</option>
        <option value="roll">label roll, 62 mm</option>
    </select></label>
