import { ask } from './ask';
import { refresh } from './in-place';
import { isTyping } from './typing';

const EVERY = 4000;

// What a colleague puts on the same job's record: shown at once where nobody is writing, and told where somebody is.
export function news() {
    return {
        told: '',
        last: 0,
        asking: null,

        init() {
            this.last = Number(this.$root.dataset.last);
            this.asking = setInterval(() => this.ask(), EVERY);
        },

        destroy() {
            clearInterval(this.asking);
        },

        async ask() {
            if (document.hidden) return;
            try {
                const answer = await ask(`${this.$root.dataset.news}?since=${this.last}`, {
                    Accept: 'application/json',
                    'X-By-Itself': 'yes',
                });
                if (!answer.ok) return;
                const { last, by } = await answer.json();
                if (last <= this.last) return;
                if (this.isIdle()) {
                    await refresh();
                } else {
                    const entries = last - this.last === 1 ? 'an entry' : `${last - this.last} entries`;
                    this.tell(
                        `${by.join(' and ')} wrote ${entries} meanwhile. ` +
                            'What you are writing stays; it goes on the record after theirs.',
                    );
                }
            } catch {
                // The network may be away for a moment; it is asked again.
            }
        },

        // An open form lies over the page, so there it is said in the form.
        tell(sentence) {
            this.told = sentence;
            const form = document.querySelector('dialog[open] form');
            if (form === null) return;
            let line = form.querySelector('.meanwhile');
            if (line === null) {
                line = document.createElement('p');
                line.className = 'meanwhile';
                line.setAttribute('role', 'status');
                form.prepend(line);
            }
            line.textContent = sentence;
        },

        isIdle() {
            return (
                document.querySelector('dialog[open]') === null &&
                document.querySelector('form[data-sent]') === null &&
                !isTyping({ target: document.activeElement ?? document.body })
            );
        },
    };
}
