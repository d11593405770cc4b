// Entries that could not be sent are kept in this browser and sent once when the network is back. Each form carries a key of its own,
// so that one whose answer got lost is not recorded twice.
const STORE = 'orthoscope.unsent';

const unsent = () => JSON.parse(localStorage.getItem(STORE) ?? '[]');
const keep = (entries) => localStorage.setItem(STORE, JSON.stringify(entries));

// Takes over the sending of forms that put entries on a record.
export function sendSafely(form) {
    form.addEventListener('submit', async (event) => {
        if (event.defaultPrevented) return;
        event.preventDefault();
        const entry = { action: form.action, page: location.pathname, at: Date.now(), body: [...new FormData(form, event.submitter)].filter(([, value]) => typeof value === 'string') };
        keep([...unsent(), entry]);
        if (await send(entry)) {
            forget(entry);
            location.assign(entry.page);
        } else {
            form.closest('dialog')?.close();
            renew(form);
            tell();
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

const once = (entry) => entry.body.find(([name]) => name === 'once')?.[1];
const forget = (entry) => keep(unsent().filter((other) => once(other) !== once(entry)));

// True when the server has answered, whatever it said: the page it leads to shows it. False when the entry is still only here.
async function send(entry) {
    const body = new URLSearchParams(entry.body);
    body.set('_token', document.querySelector('meta[name="csrf-token"]').content);
    // How long ago it was written, by this machine's own clock at both ends: what time it is here does not matter.
    body.set('age', String(Math.max(0, Math.round((Date.now() - entry.at) / 1000))));
    try {
        const answer = await fetch(entry.action, { method: 'POST', body, redirect: 'manual', credentials: 'same-origin' });
        return answer.type === 'opaqueredirect' || answer.ok;
    } catch {
        return false;
    }
}

function tell() {
    const line = document.querySelector('[data-unsent]');
    const count = unsent().length;
    if (!line) return;
    line.hidden = count === 0;
    line.querySelector('span').textContent = count === 1 ? 'One entry could not be sent and is kept here. It goes by itself when the network is back.' : `${count} entries could not be sent and are kept here. They go by themselves when the network is back.`;
}

let sending = false;

async function sendAll() {
    if (sending) return;
    sending = true;
    let went = false;
    for (const entry of unsent()) {
        if (!(await send(entry))) break;
        forget(entry);
        went = true;
    }
    sending = false;
    tell();
    if (went && document.querySelector('dialog[open]') === null) location.reload();
}

const EVERY = 5000;

export function offline() {
    if (!document.querySelector('[data-unsent]')) return;
    document.querySelector('[data-unsent] button').addEventListener('click', sendAll);
    window.addEventListener('online', sendAll);
    setInterval(() => unsent().length > 0 && sendAll(), EVERY);
    if (unsent().length > 0) sendAll();
    tell();
}
