// The drawing of slots, outputs and ports: what is dragged or moved by the arrow keys fills the choice it belongs to.

export function slotboard(dialog) {
    const board = dialog.querySelector('[data-slotboard]');
    if (!board) return;
    let dragged = null;
    for (const chip of board.querySelectorAll('[data-chip]')) {
        chip.addEventListener('dragstart', (event) => {
            dragged = chip;
            event.dataTransfer.effectAllowed = 'move';
            event.dataTransfer.setData('text/plain', chip.dataset.for);
        });
        chip.addEventListener('dragend', () => (dragged = null));
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
    for (const bay of board.querySelectorAll('[data-bay]')) {
        bay.addEventListener('dragover', (event) => {
            if (dragged?.closest('[data-row]') !== bay.closest('[data-row]')) return;
            event.preventDefault();
            bay.classList.add('over');
        });
        bay.addEventListener('dragleave', () => bay.classList.remove('over'));
        bay.addEventListener('drop', (event) => {
            event.preventDefault();
            bay.classList.remove('over');
            if (dragged) move(dialog, dragged, bay);
        });
    }
    dialog.addEventListener('change', (event) => {
        if (event.target.closest('.setup select')) placeChips(dialog);
    });
    placeChips(dialog);
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
