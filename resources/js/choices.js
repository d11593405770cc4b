// The form of a look or reading shows the results of the one that is chosen.
export function check() {
    return {
        init() {
            this.choose();
        },
        // A press on the drawing is the same choice as in the list.
        pick(event) {
            this.$refs.check.value = event.currentTarget.dataset.pick;
            this.choose();
            this.$root.querySelector('fieldset.check:not([hidden])')?.querySelector('input, select')?.focus();
        },
        // A digit in the list picks that result of the look: two letters of its name, a digit, Enter.
        digit(event) {
            if (!/^[1-9]$/.test(event.key)) return;
            const results = this.$root.querySelectorAll('fieldset.check:not([hidden]) input[name="entry[result]"]');
            const result = results[event.key - 1];
            if (!result) return;
            event.preventDefault();
            result.checked = true;
            result.dispatchEvent(new Event('change', { bubbles: true }));
        },
        choose() {
            for (const button of this.$root.querySelectorAll('[data-pick]'))
                button.classList.toggle('picked', button.dataset.pick === this.$refs.check.value);
            for (const set of this.$root.querySelectorAll('[data-check]')) {
                set.hidden = set.disabled = set.dataset.check !== this.$refs.check.value;
            }
        },
    };
}

// Why a part goes back is written from the record when it is chosen, until someone writes otherwise.
export function claim() {
    return {
        written: '',
        init() {
            this.choose();
        },
        choose() {
            const reason = this.$root.querySelector('[name=reason]');
            if (reason.value !== '' && reason.value !== this.written) return;
            this.written = this.$refs.what.selectedOptions[0]?.dataset.reason ?? '';
            reason.value = this.written;
        },
    };
}

// The form of an act shows the caution of the act that is chosen, and what it is usually done to before all other parts.
export function act() {
    return {
        parts: null,
        byHand: null,
        init() {
            // A form that was refused opens again as it was.
            if (this.$root.closest('dialog').hasAttribute('data-open')) this.pickPart();
            this.choose();
        },
        choose() {
            const caution = this.$refs.act.selectedOptions[0]?.dataset.caution ?? '';
            this.$refs.caution.textContent = caution;
            this.$refs.caution.hidden = caution === '';
            const replaces = this.$refs.act.value === 'replace';
            this.$refs.with.hidden = !replaces;
            this.$refs.with.querySelector('select').disabled = !replaces;
            // Drying says after what: that sets how long it takes.
            const dries = this.$refs.act.value === 'dry';
            this.$refs.agent.hidden = !dries;
            this.$refs.agent.querySelector('select').disabled = !dries;
            this.$refs.old.hidden = !replaces;
            this.$refs.old.querySelector('select').disabled = !replaces;
            const ohms = this.$refs.act.value === 'replace-resistor';
            this.$refs.ohms.hidden = !ohms;
            for (const field of this.$refs.ohms.querySelectorAll('input')) field.disabled = !ohms;
            this.usualFirst((this.$refs.act.selectedOptions[0]?.dataset.useful ?? '').split(' '));
        },
        usualFirst(useful) {
            const list = this.$refs.on;
            this.parts ??= [...list.options];
            const [usual, others] = [true, false].map((is) => this.parts.filter((part) => useful.includes(part.value) === is));
            const picked = list.value;
            const group = (label, parts) => {
                const group = document.createElement('optgroup');
                group.label = label;
                group.append(...parts);
                return group;
            };
            list.replaceChildren(...(usual.length && others.length ? [group('Usual', usual), group('Other parts', others)] : this.parts));
            // What was picked by hand stays, and what the act is done to; else it is the first that the act is done to.
            const stays = !usual.length || useful.includes(picked) || picked === this.byHand;
            list.value = stays ? picked : usual[0].value;
        },
        pickPart() {
            this.byHand = this.$refs.on.value;
        },
    };
}

// What suppliers offer for the part that is chosen.
export function offers() {
    return {
        init() {
            this.pick();
        },
        pick() {
            const kind = this.$root.selectedOptions[0]?.dataset.kind;
            const list = this.$root.form.elements.offer;
            for (const option of list.options) option.hidden = option.dataset.kind !== kind;
            if (list.selectedOptions[0]?.hidden !== false)
                list.value = [...list.options].find((option) => !option.hidden && !option.disabled)?.value ?? '';
        },
    };
}
