import { isTyping } from './typing';

// The bar at the top: "/" goes to the find box.
export function bar() {
    return {
        key(event) {
            if (event.key === '/' && !isTyping(event)) {
                event.preventDefault();
                this.$refs.find?.focus();
                this.$refs.find?.select();
            }
        },
    };
}
