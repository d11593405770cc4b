import { place } from './bubble';

// Five stops on the first job: what each place of the page is for. It can be left at any stop, and taken again.
export function tour() {
    return {
        at: -1,

        start() {
            this.stops = [...document.querySelectorAll('#tour [data-at]')].filter((stop) => document.querySelector(stop.dataset.at));
            // A form that shuts with the same press takes the focus back; then the first stop has it.
            setTimeout(() => this.go(0));
            // Whoever goes on to another page at once is not asked again there.
            fetch(this.$root.dataset.taken, {
                method: 'POST',
                credentials: 'same-origin',
                keepalive: true,
                headers: { 'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content },
            })
                .then((answer) => answer.ok && this.$root.querySelector('.new-here')?.remove())
                .catch(() => {});
        },

        go(to) {
            this.leave();
            if (to < 0 || to >= this.stops.length) return document.querySelector('#main').focus({ preventScroll: true });
            this.at = to;
            const stop = this.stops[to];
            const target = document.querySelector(stop.dataset.at);
            target.classList.add('toured');
            target.scrollIntoView({ block: 'nearest' });
            const bubble = document.createElement('div');
            bubble.className = 'bubble tour-bubble';
            bubble.setAttribute('role', 'dialog');
            bubble.setAttribute('aria-label', `Tour, stop ${to + 1} of ${this.stops.length}`);
            bubble.innerHTML = stop.innerHTML;
            const buttons = document.createElement('p');
            for (const [words, stopAt] of [
                [to + 1 < this.stops.length ? 'Next' : 'Done', to + 1],
                ['Back', to - 1],
                ['Leave', -1],
            ]) {
                if (words === 'Back' && to === 0) continue;
                const button = document.createElement('button');
                button.type = 'button';
                button.textContent = words;
                button.className = words === 'Next' || words === 'Done' ? 'main' : 'quiet';
                button.addEventListener('click', () => this.go(stopAt));
                buttons.append(button);
            }
            bubble.append(buttons);
            bubble.addEventListener('keydown', (event) => {
                event.stopPropagation();
                if (event.key === 'Escape') this.go(-1);
            });
            document.body.append(bubble);
            place(bubble, target);
            buttons.firstChild.focus();
        },

        leave() {
            document.querySelector('.tour-bubble')?.remove();
            document.querySelector('.toured')?.classList.remove('toured');
        },
    };
}
