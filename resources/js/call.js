import { isTyping } from './typing';

// The call room: an answer by its letter, a clock for "hold five seconds".
export function call() {
    return {
        left: '',
        timer: null,

        key(event) {
            if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
            if (event.key === 'r') {
                event.preventDefault();
                this.$refs.remark?.focus();
                return;
            }
            const button = this.$root.querySelector(`.outcome[data-key="${CSS.escape(event.key)}"]`);
            if (button) {
                event.preventDefault();
                button.click();
            }
        },

        count(event) {
            clearInterval(this.timer);
            const end = Date.now() + 1000 * Number(event.currentTarget.dataset.seconds);
            const tick = () => {
                const seconds = Math.max(0, Math.ceil((end - Date.now()) / 1000));
                this.left = seconds === 0 ? 'now' : `${seconds} s`;
                if (seconds === 0) clearInterval(this.timer);
            };
            tick();
            this.timer = setInterval(tick, 200);
        },
    };
}

// What an end of a call asks for is shown with it.
export function ending() {
    return {
        outcome: '',
        init() {
            this.outcome = this.$root.querySelector('[name=outcome]:checked')?.value ?? '';
        },
        get booked() {
            return this.outcome === 'visit';
        },
        get posted() {
            return this.outcome === 'post';
        },
        get told() {
            return ['solved', 'referred', 'given-up'].includes(this.outcome);
        },
    };
}
