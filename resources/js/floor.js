import { refresh } from './in-place';
import { isTyping } from './typing';

// The floor: j and k go down and up the machines, Enter opens one.
export function floor() {
    return {
        key(event) {
            if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || !['j', 'k'].includes(event.key)) return;
            const lines = [...this.$root.querySelectorAll('a.job')];
            if (lines.length === 0) return;
            event.preventDefault();
            const at = lines.indexOf(document.activeElement);
            const next = event.key === 'j' ? Math.min(at + 1, lines.length - 1) : Math.max(at - 1, 0);
            lines[next].focus();
            lines[next].scrollIntoView({ block: 'nearest' });
        },
    };
}

const EVERY = 10000;

// A screen on the wall shows what is so now.
export function wall() {
    return {
        asking: null,
        init() {
            this.asking = setInterval(() => refresh().catch(() => {}), EVERY);
        },
        destroy() {
            clearInterval(this.asking);
        },
    };
}
