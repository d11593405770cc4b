import { forgetDraft } from './drafts';
import { pageOf, refresh, refusedWith, takePlace } from './in-place';

// Entries that could not be sent are kept in this browser and sent once when the network is back. Each form carries a key of its own,
// so that one whose answer got lost is not recorded twice; and each is sent by who wrote it and nobody else. One that the server would
// not have stays, with the server's sentence.
const STORE = 'orthoscope.unsent';

const LOGGED_OUT = 419;

const all = () => JSON.parse(localStorage.getItem(STORE) ?? '[]');
const keep = (entries) => localStorage.setItem(STORE, JSON.stringify(entries));
const meta = (name) => document.querySelector(`meta[name="${name}"]`)?.content ?? '';
const mine = () => all().filter((entry) => entry.who === meta('who'));
const once = (entry) => entry.body.find(([name]) => name === 'once')?.[1];
// Sent from its form right now: it is not sent beside that.
const onTheWay = new Set();
const forget = (entry) => keep(all().filter((other) => once(other) !== once(entry)));

// Takes over the sending of forms that put entries on a record.
export async function sendSafely(form, submitter) {
    const entry = {
        action: form.action,
        page: location.pathname,
        who: meta('who'),
        at: Date.now(),
        body: [...new FormData(form, submitter)].filter(([, value]) => typeof value === 'string'),
    };
    keep([...all(), entry]);
    onTheWay.add(once(entry));
    const answer = await send(entry);
    onTheWay.delete(once(entry));
    if (answer.page) {
        // What was refused stands in its form again, with the sentence beside it.
        forget(entry);
        if (!takePlace(answer.page, answer.address)) location.assign(entry.page);
    } else {
        form.closest('dialog')?.close();
        renew(form);
        tell(answer.status);
    }
}

// What is written next is another entry, so the form gets another key and is empty again.
function renew(form) {
    const key = form.querySelector('[name=once]');
    form.reset();
    forgetDraft(form);
    delete form.dataset.sent;
    if (key) key.value = `${key.value.slice(0, 40)}.${Date.now().toString(36)}`;
    const own = form.querySelector('[name=_once]');
    if (own) own.value = `${own.value.slice(0, 16)}.${Date.now().toString(36)}`;
}

// The page that the server leads to, which shows what became of the entry. Else the entry is still only here: `status` says why, a number
// it was refused with, or "away" where nobody answered.
async function send(entry) {
    const body = new URLSearchParams(entry.body);
    body.set('_token', meta('csrf-token'));
    // How long ago it was written, by this machine's own clock at both ends: what time it is here does not matter.
    body.set('age', String(Math.max(0, Math.round((Date.now() - entry.at) / 1000))));
    try {
        const answer = await fetch(entry.action, { method: 'POST', body, credentials: 'same-origin' });
        if (!answer.ok) return { status: answer.status };
        if (['/login', '/hands'].includes(new URL(answer.url).pathname)) return { status: LOGGED_OUT };
        return { page: await pageOf(answer), address: answer.url };
    } catch {
        return { status: 'away' };
    }
}

function tell(status) {
    const line = document.querySelector('[data-unsent]');
    const waiting = mine().filter((entry) => !entry.refused && !onTheWay.has(once(entry))).length;
    if (!line) return;
    line.hidden = waiting === 0 && !mine().some((entry) => entry.refused);
    const kept =
        waiting === 0
            ? ''
            : waiting === 1
              ? 'One entry could not be sent and is kept here.'
              : `${waiting} entries could not be sent and are kept here.`;
    const why =
        status === LOGGED_OUT
            ? 'You were logged out: log in again, and it goes by itself.'
            : typeof status === 'number'
              ? `The server refused with ${status}; it is tried again.`
              : 'It goes by itself when the network is back.';
    line.querySelector('span').textContent = waiting === 0 ? '' : `${kept} ${why}`;
    line.querySelector('[data-try]').hidden = line.querySelector('[data-drop]').hidden = waiting === 0;
    line.querySelector('ul').replaceChildren(
        ...mine()
            .filter((entry) => entry.refused)
            .map(refusedLine),
    );
}

// An entry that the server would not have: it stays until it is mended in its form, or dropped.
function refusedLine(entry) {
    const line = document.createElement('li');
    const words = document.createElement('span');
    words.textContent = `Not on the record: ${saidBy(entry)}. ${entry.refused}`;
    line.append(
        words,
        button('Mend', () => mend(entry)),
        button('drop', () => (forget(entry), tell())),
    );
    return line;
}

function button(words, press) {
    const made = document.createElement('button');
    made.type = 'button';
    made.className = words === 'drop' ? 'quiet' : '';
    made.textContent = words;
    made.addEventListener('click', press);
    return made;
}

// What was written, so far as a person can tell it apart from others.
const saidBy = (entry) => {
    const field = (name) => entry.body.find(([key]) => key === name)?.[1];
    return [entry.page.split('/')[2], field('entry[kind]') ?? 'a step', field('entry[text]')].filter(Boolean).join(', ');
};

// It is sent as a form: the page that comes back has it in its form again, with the sentence at its field.
function mend(entry) {
    const form = document.createElement('form');
    form.method = 'post';
    form.action = entry.action;
    for (const [name, value] of [...entry.body.filter(([name]) => name !== '_token'), ['_token', meta('csrf-token')]]) {
        const field = document.createElement('input');
        field.type = 'hidden';
        field.name = name;
        field.value = value;
        form.append(field);
    }
    forget(entry);
    document.body.append(form);
    form.submit();
}

let sending = false;

async function sendAll() {
    if (sending) return;
    sending = true;
    let went = false;
    let status = 'away';
    for (const entry of mine().filter((entry) => !entry.refused && !onTheWay.has(once(entry)))) {
        const answer = await send(entry);
        status = answer.status;
        if (!answer.page) break;
        const refused = refusedWith(answer.page);
        if (refused === '') forget(entry);
        else keep(all().map((other) => (once(other) === once(entry) ? { ...other, refused } : other)));
        went ||= refused === '';
    }
    sending = false;
    tell(status);
    if (went && document.querySelector('dialog[open]') === null) refresh();
}

const EVERY = 5000;

export function offline() {
    const line = document.querySelector('[data-unsent]');
    if (!line) return;
    line.querySelector('[data-try]').addEventListener('click', sendAll);
    line.querySelector('[data-drop]').addEventListener('click', () => {
        mine()
            .filter((entry) => !entry.refused)
            .forEach(forget);
        tell();
    });
    window.addEventListener('online', sendAll);
    const some = () => mine().some((entry) => !entry.refused && !onTheWay.has(once(entry)));
    setInterval(() => some() && sendAll(), EVERY);
    if (some()) sendAll();
    tell();
}
