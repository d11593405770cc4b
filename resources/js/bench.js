import { ask } from './ask';
import { fillSetUp, sayTheSetUp } from './setup';
import { slotboard } from './slotboard';
import { openStart, startForm } from './start';
import { isTyping } from './typing';

const DIALOG_KEYS = { t: 'start', m: 'check', r: 'act', n: 'note', w: 'told', x: 'strike', o: 'tally', i: 'instruments', '?': 'keys' };

// What each entry did, once it was asked for; a page that was drawn anew asks again.
let moves;

function tspan() {
    const percent = document.createElementNS('http://www.w3.org/2000/svg', 'tspan');
    percent.classList.add('percent');
    percent.setAttribute('dx', '4');
    return percent;
}

// The job page: steps by number, outcomes by letter, forms by their key, and parts that light up their entries.
export function bench() {
    return {
        pointedAt: '',

        init() {
            moves = undefined;
            for (const dialog of this.$root.querySelectorAll('dialog')) {
                dialog.addEventListener('click', (event) => {
                    if (event.target === dialog || event.target.closest('[data-close]')) dialog.close();
                });
                dialog.addEventListener('keydown', this.enterSends);
                if (dialog.hasAttribute('data-open')) dialog.showModal();
            }
            const start = this.$root.querySelector('#d-start');
            if (start) {
                start.addEventListener('keydown', this.reachKey);
                start.addEventListener('change', (event) => sayTheSetUp(event.currentTarget));
                startForm(start);
                slotboard(start);
                if (start.open) sayTheSetUp(start);
            }
            for (const part of this.$root.querySelectorAll('.chain .part')) {
                part.addEventListener('mouseenter', () => this.light(part.dataset.entries));
                part.addEventListener('mouseleave', () => this.light(''));
                part.addEventListener('focus', () => this.light(part.dataset.entries));
                part.addEventListener('blur', () => this.light(''));
            }
            for (const row of this.$root.querySelectorAll('[data-entry]')) {
                for (const [begins, ends] of [
                    ['mouseenter', 'mouseleave'],
                    ['focusin', 'focusout'],
                ]) {
                    row.addEventListener(begins, () => this.showMoves(row.dataset.entry));
                    row.addEventListener(ends, () => this.showMoves(''));
                }
            }
        },

        key(event) {
            // What lies under an open form is never pressed by a key meant for the form.
            if (isTyping(event) || this.$root.querySelector('dialog[open]')) return;
            if (/^[1-9]$/.test(event.key)) return this.openStep(event.key);
            if (/^[a-d]$/.test(event.key)) return this.pressOutcome(event.key);
            if (event.key === 'y') return this.$root.querySelector('[data-first-why]')?.click();
            if (event.key === 'u') return this.$root.querySelector('[data-undo]')?.click();
            const opener = this.$root.querySelector(
                `.keys [data-hot="${CSS.escape(event.key)}"], .keys [data-dialog="${DIALOG_KEYS[event.key] ?? 'none'}"]`,
            );
            if (opener) {
                event.preventDefault();
                this.show(opener);
            }
        },

        // What an entry did to every part, on the chain: asked of the server once, when somebody first points at one.
        async showMoves(entry) {
            this.pointedAt = entry;
            const address = this.$root.dataset.moves;
            if (!address) return;
            moves ??= ask(address, { Accept: 'application/json' }).then(
                (answer) => (answer.ok ? answer.json() : {}),
                () => ({}),
            );
            const of = (await moves)[entry] ?? {};
            if (this.pointedAt !== entry) return;
            for (const part of this.$root.querySelectorAll('.chain .part')) {
                const [before, after] = of[part.dataset.part] ?? [0, 0];
                const by = Math.abs(after - before) < 2 ? 0 : after - before;
                part.classList.toggle('rises', by > 0);
                part.classList.toggle('falls', by < 0);
                const percent = part.querySelector('.percent') ?? part.querySelector('.name').appendChild(tspan());
                percent.dataset.now ??= percent.textContent;
                // Beside a name without a number there is room for an arrow alone.
                const said = percent.dataset.now === '' ? '' : after;
                percent.textContent = by === 0 ? percent.dataset.now : `${by > 0 ? '↑' : '↓'}${said}`;
            }
        },

        // Another order of the steps is shown at once.
        order(event) {
            event.currentTarget.form.requestSubmit();
        },

        open(event) {
            this.show(event.currentTarget);
        },

        show(opener) {
            const dialog = this.$root.querySelector(`#d-${opener.dataset.dialog}`);
            for (const [name, value] of Object.entries(JSON.parse(opener.dataset.fill ?? '{}'))) {
                const field = dialog.querySelector(`[name="${name}"]:not(:disabled)`) ?? dialog.querySelector(`[name="${name}"]`);
                if (!field) continue;
                field.value = value;
                field.dispatchEvent(new Event('change', { bubbles: true }));
            }
            if (opener.dataset.setup) {
                fillSetUp(dialog, opener.dataset);
                openStart(dialog, opener.dataset);
            }
            dialog.showModal();
        },

        // A reading is taken from the list of what instruments sent to the form it belongs in.
        take(event) {
            event.currentTarget.closest('dialog').close();
            this.show(event.currentTarget);
        },

        openStep(number) {
            const step = this.$root.querySelector(`[data-step="${number}"]`);
            if (!step) return;
            for (const other of this.$root.querySelectorAll('details.step')) other.open = other === step;
            step.querySelector('summary').focus();
            step.scrollIntoView({ block: 'nearest' });
        },

        pressOutcome(letter) {
            const within = this.$root.querySelector('details.step[open]') ?? this.$root.querySelector('.step.first');
            within?.querySelector(`[data-key="${letter}"]`)?.click();
        },

        // Enter sends a form from a choice as it does from a field.
        enterSends(event) {
            if (event.key === 'Enter' && event.target.closest('select')) {
                event.preventDefault();
                event.target.form.requestSubmit();
            }
        },

        // In the start form the letter beside an outcome picks it, unless something is being typed.
        reachKey(event) {
            if (event.target.closest('input:not([type=radio]), select, textarea')) return;
            if (event.key === 'o') return event.currentTarget.querySelector('[data-clock-start]')?.click();
            const reach = event.currentTarget.querySelector(`[data-reach-key="${event.key}"]`);
            if (reach) {
                reach.checked = true;
                reach.focus();
                reach.dispatchEvent(new Event('change', { bubbles: true }));
            }
        },

        light(entries) {
            const lit = entries === '' ? [] : entries.split(' ');
            for (const row of this.$root.querySelectorAll('[data-entry]')) {
                row.classList.toggle('lit', lit.includes(row.dataset.entry));
            }
        },
    };
}
