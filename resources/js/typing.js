// Whether a key press belongs to a field or a dialog rather than to the page.
export function isTyping(event) {
    return event.ctrlKey || event.altKey || event.metaKey || event.target.closest('input, select, textarea, dialog') !== null;
}
