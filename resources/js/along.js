import { isTyping } from './typing';

// A list of pages: the arrows go along its links, up and down.
export function along() {
    return {
        key(event) {
            if (isTyping(event) || !['ArrowUp', 'ArrowDown'].includes(event.key)) return;
            const links = [...this.$root.querySelectorAll('.book-found a, .book-items a')];
            const here = links.indexOf(document.activeElement);
            const to = links[event.key === 'ArrowDown' ? here + 1 : Math.max(0, here - 1)];
            if (to) {
                event.preventDefault();
                to.focus();
            }
        },
    };
}
