// Entries that could not be sent are kept in this browser and sent once when the network is back. Each form carries a key of its own,
// so that one whose answer got lost is not recorded twice; and each is sent by who wrote it and nobody else.
const STORE = 'orthoscope.unsent';

const LOGGED_OUT = 419;

const all = () => JSON.parse(localStorage.getItem(STORE) ?? '[]');
const keep = (entries) => localStorage.setItem(STORE, JSON.stringify(entries));
const meta = (name) => document.querySelector(`meta[name="${name}"]`)?.content ?? '';
const mine = () => all().filter((entry) => entry.who === meta('who'));
const once = (entry) => entry.body.find(([name]) => name === 'once')?.[1];
const forget = (entry) => keep(all().filter((other) => once(other) !== once(entry)));

// Takes over the sending of forms that put entries on a record.
export function sendSafely(form) {
    form.addEventListener('submit', async (event) => {
        if (event.defaultPrevented) return;
        event.preventDefault();
        const entry = {
            action: form.action,
            page: location.pathname,
            who: meta('who'),
            at: Date.now(),
            body: [...new FormData(form, event.submitter)].filter(([, value]) => typeof value === 'string'),
        };
        keep([...all(), entry]);
        const status = await send(entry);
        if (status === 'sent') {
            forget(entry);
            location.assign(entry.page);
        } else {
            form.closest('dialog')?.close();
            renew(form);
            tell(status);
        }
    });
}

// What is written next is another entry, so the form gets another key and is empty again.
function renew(form) {
    const key = form.querySelector('[name=once]');
    form.reset();
    delete form.dataset.sent;
    if (key) key.value = `${key.value.slice(0, 40)}.${Date.now().toString(36)}`;
}

// "sent" when the server has answered, whatever it said: the page it leads to shows it. Else the entry is still only here: the status
// it was refused with, or "away" where nobody answered.
async function send(entry) {
    const body = new URLSearchParams(entry.body);
    body.set('_token', meta('csrf-token'));
    // How long ago it was written, by this machine's own clock at both ends: what time it is here does not matter.
    body.set('age', String(Math.max(0, Math.round((Date.now() - entry.at) / 1000))));
    try {
        const answer = await fetch(entry.action, { method: 'POST', body, redirect: 'manual', credentials: 'same-origin' });
        return answer.type === 'opaqueredirect' || answer.ok ? 'sent' : answer.status;
    } catch {
        return 'away';
    }
}

function tell(status) {
    const line = document.querySelector('[data-unsent]');
    const count = mine().length;
    if (!line) return;
    line.hidden = count === 0;
    const kept = count === 1 ? 'One entry could not be sent and is kept here.' : `${count} entries could not be sent and are kept here.`;
    const why =
        status === LOGGED_OUT
            ? 'You were logged out: log in again, and it goes by itself.'
            : typeof status === 'number'
              ? `The server refused with ${status}; it is tried again.`
              : 'It goes by itself when the network is back.';
    line.querySelector('span').textContent = `${kept} ${why}`;
}

let sending = false;

async function sendAll() {
    if (sending) return;
    sending = true;
    let went = false;
    let status = 'away';
    for (const entry of mine()) {
        status = await send(entry);
        if (status !== 'sent') break;
        forget(entry);
        went = true;
    }
    sending = false;
    tell(status);
    if (went && document.querySelector('dialog[open]') === null) location.reload();
}

const EVERY = 5000;

export function offline() {
    const line = document.querySelector('[data-unsent]');
    if (!line) return;
    line.querySelector('[data-try]').addEventListener('click', sendAll);
    line.querySelector('[data-drop]').addEventListener('click', () => {
        mine().forEach(forget);
        tell();
    });
    window.addEventListener('online', sendAll);
    setInterval(() => mine().length > 0 && sendAll(), EVERY);
    if (mine().length > 0) sendAll();
    tell();
}
