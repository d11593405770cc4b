import { isTyping } from './typing';

// Pages of why: the arrows go along the suspects, or along the record.
export function why() {
    return {
        key(event) {
            if (isTyping(event) || !['ArrowLeft', 'ArrowRight'].includes(event.key)) return;
            const links = [...this.$root.querySelectorAll('.why-suspects a')];
            const here = links.findIndex((link) => link.getAttribute('aria-current') === 'page');
            const to = links[here + (event.key === 'ArrowRight' ? 1 : -1)];
            if (to) {
                event.preventDefault();
                to.click();
            }
        },
    };
}
