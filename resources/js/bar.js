import { isTyping } from './typing';

// The bar at the top: "/" goes to the find box, or to that of the page.
export function bar() {
    return {
        key(event) {
            if (event.key === '/' && !isTyping(event)) {
                event.preventDefault();
                // A page with a search of its own is searched first.
                const find = document.querySelector('[data-slash]') ?? this.$refs.find;
                find?.focus();
                find?.select();
            }
        },
    };
}
