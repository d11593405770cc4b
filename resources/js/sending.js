import { pageOf, takePlace } from './in-place';
import { sendSafely } from './offline';

// Every form that changes something is sent once, however often it is pressed. On pages that work in place it is sent from here, and
// the page it leads to takes the place of this one; an entry for a record is kept until the server has it.
export function sending() {
    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (event.defaultPrevented || form.method !== 'post') return;
        if (form.dataset.sent) return event.preventDefault();
        form.dataset.sent = 'yes';
        if (!form.closest('[data-in-place]') || form.enctype === 'multipart/form-data') return;
        event.preventDefault();
        if (form.action.endsWith('/entries')) sendSafely(form, event.submitter);
        else send(form, event.submitter);
    });
    // A page that the browser brings back from its memory can be sent from again.
    window.addEventListener('pageshow', () => {
        for (const form of document.querySelectorAll('form[data-sent]')) delete form.dataset.sent;
    });
}

async function send(form, submitter) {
    try {
        const answer = await fetch(form.action, {
            method: 'POST',
            body: new URLSearchParams(new FormData(form, submitter)),
            credentials: 'same-origin',
        });
        if (!answer.ok) return refuse(form, `The server answered ${answer.status}. What you typed still stands here: press once more.`);
        if (!takePlace(await pageOf(answer), answer.url)) location.assign(answer.url);
    } catch {
        refuse(form, 'The network is away. What you typed still stands here: press once more when it is back.');
    }
}

function refuse(form, sentence) {
    delete form.dataset.sent;
    const line = form.querySelector('.not-sent') ?? document.createElement('p');
    line.className = 'error not-sent';
    line.setAttribute('role', 'alert');
    line.textContent = sentence;
    form.append(line);
}
