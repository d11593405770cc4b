// The drawing of slots, outputs and ports: what is dragged or moved by the arrow keys fills the choice it belongs to.

export function slotboard(dialog) {
    const board = dialog.querySelector('[data-slotboard]');
    if (!board) return;
    for (const chip of board.querySelectorAll('[data-chip]')) {
        dragged(dialog, chip);
        chip.addEventListener('keydown', (event) => {
            const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
            if (!step) return;
            event.preventDefault();
            const bays = [...chip.closest('[data-row]').querySelectorAll('[data-bay]')];
            const next = bays[bays.indexOf(chip.closest('[data-bay]')) + step];
            if (next) move(dialog, chip, next);
            chip.focus();
        });
    }
    dialog.addEventListener('change', (event) => {
        if (event.target.closest('.setup select')) placeChips(dialog);
    });
    placeChips(dialog);
}

// By mouse, pen or a gloved finger: it follows the pointer, and stays where it is let go if that is a place of its own row.
function dragged(dialog, chip) {
    let from = null;
    let over = null;
    const leave = () => over?.classList.remove('over');
    chip.addEventListener('pointerdown', (event) => {
        from = { x: event.clientX, y: event.clientY };
        chip.setPointerCapture(event.pointerId);
    });
    chip.addEventListener('pointermove', (event) => {
        if (from === null) return;
        chip.style.transform = `translate(${event.clientX - from.x}px, ${event.clientY - from.y}px)`;
        chip.classList.add('moving');
        leave();
        const below = document.elementFromPoint(event.clientX, event.clientY)?.closest('[data-bay]');
        over = below?.closest('[data-row]') === chip.closest('[data-row]') ? below : null;
        over?.classList.add('over');
    });
    const end = (drop) => {
        if (from === null) return;
        from = null;
        chip.style.transform = '';
        chip.classList.remove('moving');
        leave();
        if (drop && over) move(dialog, chip, over);
        over = null;
    };
    chip.addEventListener('pointerup', () => end(true));
    chip.addEventListener('pointercancel', () => end(false));
}

// What sat in the way goes where the other came from.
function move(dialog, chip, bay) {
    const from = chip.closest('[data-bay]');
    const there = bay.dataset.bay === 'out' ? null : bay.querySelector('[data-chip]');
    if (there && there !== chip) choose(dialog, there, from.dataset.bay);
    choose(dialog, chip, bay.dataset.bay);
    dialog.querySelector('[data-said]').textContent = `${chip.dataset.name}: ${bay.querySelector('span').textContent}`;
}

function choose(dialog, chip, bay) {
    const select = dialog.querySelector(`#${chip.dataset.for}`);
    select.value = bay === chip.dataset.home ? 'own' : bay;
    select.dispatchEvent(new Event('change', { bubbles: true }));
}

// Draws every chip where its choice says it stands; a lent part stands in the place of the own one.
export function placeChips(dialog) {
    for (const chip of dialog.querySelectorAll('[data-chip]')) {
        const select = dialog.querySelector(`#${chip.dataset.for}`);
        const lent = select.value.startsWith('lent:');
        const bay = select.value === 'own' || lent ? chip.dataset.home : select.value;
        const row = chip.closest('[data-row]');
        const place = row.querySelector(`[data-bay="${CSS.escape(bay)}"]`) ?? row.querySelector('[data-bay]');
        if (chip.parentElement !== place) place.append(chip);
        chip.classList.toggle('is-lent', lent);
    }
}
