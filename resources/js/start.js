// The start form: the clock from power on, how far it got by its letter, beeps tapped in, and a word where several things change at once.
import { placeChips } from './slotboard';

export function startForm(dialog) {
    clock(dialog);
    taps(dialog);
    dialog.addEventListener('change', () => {
        sayTooShort(dialog);
        sayMany(dialog);
    });
    dialog.addEventListener('input', () => sayTooShort(dialog));
}

// A form that opens anew: what was changed is compared with how the machine stands, and the clock waits.
export function openStart(dialog, data) {
    const face = dialog.querySelector('[data-clock]') ?? { dataset: {} };
    if (data?.wait) Object.assign(face.dataset, { needed: data.wait, reason: data.why });
    else Object.assign(face.dataset, { needed: face.dataset.wait, reason: face.dataset.why });
    placeChips(dialog);
    sayMany(dialog);
    sayTooShort(dialog);
}

function clock(dialog) {
    const bar = dialog.querySelector('[data-clock]');
    // In the practice room nobody waits by the clock.
    if (!bar) return;
    const button = bar.querySelector('[data-clock-start]');
    const face = bar.querySelector('[data-clock-face]');
    let began = null;
    const seconds = () => Math.floor((Date.now() - began) / 1000);
    const show = () => {
        if (began === null) return;
        face.textContent = `${Math.floor(seconds() / 60)}:${String(seconds() % 60).padStart(2, '0')}`;
        bar.classList.toggle('enough', seconds() >= needed(dialog).seconds);
    };
    button.addEventListener('click', () => {
        began = Date.now();
        button.hidden = true;
        face.hidden = false;
        (dialog.querySelector('[name="entry[reached]"]:checked') ?? dialog.querySelector('[name="entry[reached]"]')).focus();
        show();
    });
    const ticking = setInterval(() => (dialog.isConnected ? show() : clearInterval(ticking)), 250);
    // What the clock shows when the outcome is picked is how long was waited.
    dialog.addEventListener('change', (event) => {
        const waited = dialog.querySelector('[name="entry[waited]"]');
        if (began !== null && event.target.name === 'entry[reached]' && (waited.value === '' || waited.dataset.byClock)) {
            waited.value = seconds();
            waited.dataset.byClock = 'yes';
        }
    });
}

// Seconds to wait under what is set now, and why.
function needed(dialog) {
    const bar = dialog.querySelector('[data-clock]');
    const stands = JSON.parse(dialog.dataset.stands || '{}');
    const trained = [...dialog.querySelectorAll('[data-trained]')].find((select) => select.value !== standing(select, stands));
    if (trained && Number(bar.dataset.needed ?? bar.dataset.wait) < Number(dialog.dataset.trains)) {
        return { seconds: Number(dialog.dataset.trains), why: `${label(dialog, trained)} changed, so memory may be trained` };
    }
    return { seconds: Number(bar.dataset.needed ?? bar.dataset.wait), why: bar.dataset.reason ?? bar.dataset.why };
}

function sayTooShort(dialog) {
    const line = dialog.querySelector('[data-too-short]');
    if (!line) return;
    const waited = Number.parseInt(dialog.querySelector('[name="entry[waited]"]').value, 10);
    const dark = dialog.querySelector('[name="entry[reached]"]:checked')?.value === 'dark';
    const need = needed(dialog);
    line.hidden = !(dark && waited >= 0 && waited < need.seconds);
    line.textContent = line.hidden
        ? ''
        : `${waited} s is short for this: ${need.why}. Wait ${need.seconds} s before "no picture" says much.`;
}

// What stands otherwise than at the last start, where it is more than one thing.
function sayMany(dialog) {
    const line = dialog.querySelector('[data-many]');
    const stands = JSON.parse(dialog.dataset.stands || '{}');
    const changed = [...dialog.querySelectorAll('[data-part-state]')].filter((select) => select.value !== standing(select, stands));
    line.hidden = changed.length < 2;
    if (line.hidden) return;
    line.textContent = `${changed.length} things change at once: if it goes otherwise, they cannot be told apart. `;
    for (const select of changed) {
        const only = document.createElement('button');
        only.type = 'button';
        only.textContent = `Only ${label(dialog, select)}`;
        only.addEventListener('click', () => {
            for (const other of changed) if (other !== select) set(other, standing(other, stands));
            placeChips(dialog);
            sayMany(dialog);
            select.focus();
        });
        line.append(only, ' ');
    }
}

function set(select, value) {
    select.value = value;
    select.dispatchEvent(new Event('change', { bubbles: true }));
}

function label(dialog, select) {
    return dialog.querySelector(`label[for="${select.id}"]`).textContent;
}

// The option a part stands at by the last start.
function standing(select, stands) {
    const part = select.dataset.partState;
    let state = 'own';
    if (stands.out?.includes(part)) state = 'out';
    if (stands.moved?.[part]) state = `slot:${stands.moved[part]}`;
    if (stands.lent?.[part]) state = `lent:${stands.lent[part].tag}`;
    return [...select.options].find((o) => o.value === state)?.value ?? 'own';
}

const LONG = 350;

function taps(dialog) {
    const box = dialog.querySelector('[data-taps]');
    if (!box) return;
    const field = box.querySelector('input');
    for (const button of box.querySelectorAll('[data-tap]')) {
        button.addEventListener('click', () => {
            field.value = field.value.replace(/\*$/, '') + button.dataset.tap;
        });
    }
    const rhythm = box.querySelector('[data-rhythm]');
    let down = null;
    const press = () => (down ??= Date.now());
    const release = () => {
        if (down === null) return;
        field.value = field.value.replace(/\*$/, '') + (Date.now() - down >= LONG ? 'l' : 's');
        down = null;
    };
    rhythm.addEventListener('pointerdown', press);
    rhythm.addEventListener('pointerup', release);
    rhythm.addEventListener('pointerleave', release);
    rhythm.addEventListener('keydown', (event) => {
        if (event.key !== ' ') return;
        event.preventDefault();
        press();
    });
    rhythm.addEventListener('keyup', (event) => {
        if (event.key === ' ') release();
    });
}
