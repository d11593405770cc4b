// The counter: what is worth asking follows what is typed and pressed, and Ctrl with Enter takes the machine in from anywhere.
import { ask } from './ask';

const AFTER = 350;

export function counter() {
    return {
        waiting: null,
        asking: 0,
        shown: '',
        isPressed: false,

        init() {
            this.answers = this.$root.querySelector('[data-answers]');
            this.answers.addEventListener('click', (event) => event.target.closest('[data-take]') && this.take());
            this.answers.addEventListener('change', () => this.ask());
            this.answers.addEventListener('pointerdown', () => (this.isPressed = true));
            window.addEventListener('pointerup', () => setTimeout(() => (this.isPressed = false)));
            this.$root.querySelector('[name=complaint]').addEventListener('input', () => {
                clearTimeout(this.waiting);
                this.waiting = setTimeout(() => this.ask(), AFTER);
            });
        },

        destroy() {
            clearTimeout(this.waiting);
        },

        key(event) {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
                event.preventDefault();
                this.$root.requestSubmit(this.$root.querySelector('button.main'));
            }
        },

        // What the words may mean is told once somebody says so.
        take() {
            for (const field of this.answers.querySelectorAll('.heard input')) field.checked = true;
            this.ask();
        },

        async ask() {
            const mine = ++this.asking;
            const form = new FormData(this.$root);
            const told = ['complaint', 'reached', 'often', 'only', 'beeps', 'fans', 'events[]', 'picture_from'];
            const query = new URLSearchParams(told.flatMap((name) => form.getAll(name).map((value) => [name, value])));
            try {
                const answer = await ask(`${this.$root.dataset.asks}?${query}`);
                if (!answer.ok || mine !== this.asking) return;
                const html = await answer.text();
                if (mine === this.asking) this.show(html);
            } catch {
                // The network is away: what can be asked stays as it stands.
            }
        },

        // The piece is made anew; where the hand is, and what was opened, stays.
        show(html) {
            // Never under a finger that is about to press, and not where nothing is new.
            if (this.isPressed) return setTimeout(() => this.show(html), 100);
            if (html === this.shown) return;
            this.shown = html;
            const at = document.activeElement;
            const inside = this.answers.contains(at) ? [at.name, at.value] : null;
            const open = [...this.answers.querySelectorAll('details')].map((details) => details.open);
            this.answers.innerHTML = html;
            this.answers.querySelectorAll('details').forEach((details, i) => (details.open ||= open[i] ?? false));
            if (inside === null) return;
            const same = [...this.answers.querySelectorAll('input')].find((field) => field.name === inside[0] && field.value === inside[1]);
            (same ?? this.answers.querySelector('button, input'))?.focus();
        },
    };
}
