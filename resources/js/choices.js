// The form of a look or reading shows the results of the one that is chosen.
export function check() {
    return {
        init() {
            this.choose();
        },
        choose() {
            for (const set of this.$root.querySelectorAll('[data-check]')) {
                set.hidden = set.disabled = set.dataset.check !== this.$refs.check.value;
            }
        },
    };
}

// The form of an act shows the caution of the act that is chosen.
export function act() {
    return {
        init() {
            this.choose();
        },
        choose() {
            const caution = this.$refs.act.selectedOptions[0]?.dataset.caution ?? '';
            this.$refs.caution.textContent = caution;
            this.$refs.caution.hidden = caution === '';
        },
    };
}
