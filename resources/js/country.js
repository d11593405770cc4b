// What is usual in a country fills the fields of the form; what was typed by hand before is written over only by choosing one.
export function country() {
    return {
        fill() {
            const chosen = this.$el.selectedOptions[0];
            const form = this.$el.form;
            const usual = chosen.dataset.usual ? JSON.parse(chosen.dataset.usual) : {};
            for (const [name, value] of Object.entries(usual)) {
                const field = form.elements[name];
                if (field && value !== null) field.value = value;
            }
            const note = document.querySelector('[data-tax-note]');
            if (note) note.hidden = !('tax' in usual);
        },
    };
}
