// The start form's "how it was put together": filled from a suggested step, and said in words.

export function fillSetUp(dialog, data) {
    const setUp = JSON.parse(data.setup);
    dialog.querySelector('[name="entry[setup][place]"]').value = setUp.place ?? 'case';
    dialog.querySelector('[name="entry[setup][start_by]"]').value = setUp.start_by ?? 'button';
    dialog.querySelector('[name="entry[setup][temperature]"]').value = setUp.temperature ?? '';
    dialog.querySelector('[name="entry[setup][goal]"]').value = setUp.goal ?? 'system';
    dialog.querySelector('[name="entry[setup][driver]"]').value = setUp.driver ?? 'own';
    dialog.querySelector('[name="entry[setup][clocks]"]').value = setUp.clocks ?? 'rated';
    dialog.querySelector('[name="entry[setup][attached]"]').value = setUp.attached?.[0] ?? '';
    const output = dialog.querySelector('[name="entry[setup][output]"]');
    if (output) output.value = setUp.output ?? 'own';
    for (const select of dialog.querySelectorAll('[data-part-state]')) {
        const part = select.dataset.partState;
        let state = 'own';
        if (setUp.out?.includes(part)) state = 'out';
        if (setUp.moved?.[part]) state = `slot:${setUp.moved[part]}`;
        if (setUp.lent?.[part]) state = `lent:${setUp.lent[part].tag}`;
        const option = [...select.options].find((o) => o.value === state);
        select.value = option ? option.value : 'own';
    }
    dialog.querySelector('[data-act-field]').value = data.act ?? '';
    dialog.querySelector('[data-step-name]').textContent = data.name ?? '';
    sayTheSetUp(dialog);
}

export function sayTheSetUp(dialog) {
    const words = [];
    for (const select of dialog.querySelectorAll('.setup select')) {
        if (select.selectedIndex > 0) {
            const label = dialog.querySelector(`label[for="${select.id}"]`).textContent;
            words.push(`${label} ${select.selectedOptions[0].textContent}`);
        }
    }
    dialog.querySelector('[data-setup-words]').textContent = words.length ? words.join(', ') : 'as it came';
}
