// What is typed into a form stays in this browser until it is sent, so that a shut tab or a flat tablet loses nothing. It is kept for
// who typed it, on this page, and offered again only where the form is still as it was made.
const STORE = 'orthoscope.drafts';

const DAYS = 7;

const KEPT = 'textarea, select, input:not([type=hidden], [type=file], [type=password], [type=search])';

const all = () => JSON.parse(localStorage.getItem(STORE) ?? '{}');
const who = () => document.querySelector('meta[name="who"]')?.content ?? '';

// A form is known by where it leads; one that stands on many pages leads somewhere else on each.
const nameOf = (form) => `${who()} ${form.dataset.draft ?? new URL(form.action).pathname} ${form.closest('dialog')?.id ?? ''}`;

// Of several forms that lead to one place nobody could tell whose a draft is.
const isAlone = (form) => [...document.forms].filter((other) => other.method === 'post' && nameOf(other) === nameOf(form)).length === 1;

function write(change) {
    const drafts = all();
    change(drafts);
    try {
        localStorage.setItem(STORE, JSON.stringify(drafts));
    } catch {
        // The browser's room is full: what is typed stands on the page alone.
    }
}

const fieldsOf = (form) => [...form.querySelectorAll(KEPT)].filter((field) => field.name !== '');

const isKept = (form) => form.method === 'post' && form.dataset.draft !== 'no' && isAlone(form);

const isChoice = (field) => field.type === 'radio' || field.type === 'checkbox';

const untouched = (field) => {
    if (isChoice(field)) return field.checked === field.defaultChecked;
    if (field.tagName !== 'SELECT') return field.value === field.defaultValue;
    const made = [...field.options].findIndex((option) => option.defaultSelected);
    return field.selectedIndex === Math.max(0, made);
};

function keep(form) {
    const typed = fieldsOf(form)
        .filter((field) => !untouched(field))
        .map((field) => [field.name, isChoice(field) ? field.value : null, isChoice(field) ? field.checked : field.value]);
    const words = fieldsOf(form).some((field) => !isChoice(field) && field.tagName !== 'SELECT' && !untouched(field));
    write((drafts) => {
        if (words) drafts[nameOf(form)] = { at: Date.now(), typed };
        else delete drafts[nameOf(form)];
    });
}

function bringBack(form) {
    const draft = all()[nameOf(form)];
    // What the server gives back with a mistake, and what is gone on with, is newer than what was kept.
    if (!draft || form.querySelector('[aria-invalid=true], [name=half]') || document.querySelector('meta[name=refused]')) return;
    for (const [name, value, now] of draft.typed) {
        const field = fieldsOf(form).find((one) => one.name === name && (value === null || one.value === value));
        if (!field) continue;
        if (value === null) field.value = now;
        else field.checked = now;
        field.dispatchEvent(new Event('input', { bubbles: true }));
        field.dispatchEvent(new Event('change', { bubbles: true }));
    }
    tell(form, draft.at);
}

function tell(form, at) {
    const line = document.createElement('p');
    line.className = 'brought-back';
    line.setAttribute('role', 'status');
    const clock = new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
    line.textContent = `Brought back as it was typed at ${clock}. `;
    const drop = document.createElement('button');
    drop.type = 'button';
    drop.className = 'quiet';
    drop.textContent = 'start empty';
    drop.addEventListener('click', () => {
        forgetDraft(form);
        form.reset();
        line.remove();
    });
    line.append(drop);
    form.prepend(line);
}

export function forgetDraft(form) {
    write((drafts) => delete drafts[nameOf(form)]);
}

// A draft that was sent is done with once a page says so: by its sentence, or by being another page. Until then it may have been lost.
function settle(page) {
    if (page.querySelector('meta[name=refused]')) return;
    write((drafts) => {
        for (const [name, draft] of Object.entries(drafts)) {
            const isDone = draft.sentFrom !== undefined && (page.querySelector('p.status') || draft.sentFrom !== location.pathname);
            if (isDone || Date.now() - draft.at > DAYS * 86400000) delete drafts[name];
        }
    });
}

const waiting = new WeakMap();

export function drafts() {
    if (who() === '') return;
    document.addEventListener('input', (event) => {
        const form = event.target.form;
        if (!event.isTrusted || !form || !isKept(form) || !event.target.matches(KEPT)) return;
        clearTimeout(waiting.get(form));
        waiting.set(
            form,
            setTimeout(() => form.isConnected && !form.dataset.sent && keep(form), 300),
        );
    });
    document.addEventListener('submit', ({ target: form }) => {
        if (!isKept(form)) return;
        clearTimeout(waiting.get(form));
        keep(form);
        write((drafts) => drafts[nameOf(form)] && (drafts[nameOf(form)].sentFrom = location.pathname));
    });
    bringBackAll();
}

// After a page has come, or another has taken its place.
export function bringBackAll() {
    settle(document);
    for (const form of document.querySelectorAll('form')) if (isKept(form)) bringBack(form);
}
