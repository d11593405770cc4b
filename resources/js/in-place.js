import { ask } from './ask';
import { lightWhatChanged, shownNow } from './changed';
import { bringBackAll } from './drafts';

const COPIED = ['csrf-token', 'server-now', 'who'];

const meta = (page, name) => page.querySelector(`meta[name="${name}"]`);

export async function pageOf(answer) {
    return new DOMParser().parseFromString(await answer.text(), 'text/html');
}

// The sentence a page says something was refused with, or nothing.
export const refusedWith = (page) => meta(page, 'refused')?.content ?? '';

// The server's own page takes the place of the one shown, so that nothing flickers and no script is started anew. Without script the
// browser does the same by loading it. False where it is no page of the application's frame, which must be loaded.
export function takePlace(page, address) {
    const [there, here] = [page.querySelector('#main'), document.querySelector('#main')];
    if (!there || !page.querySelector('header.bar') !== !document.querySelector('header.bar')) return false;
    const samePage = new URL(address, location.href).pathname === location.pathname;
    const before = shownNow(document);
    const scrolled = window.scrollY;
    for (const dialog of here.querySelectorAll('dialog[open]')) dialog.close();
    for (const name of COPIED) meta(document, name).content = meta(page, name).content;
    meta(document, 'refused')?.remove();
    if (meta(page, 'refused')) document.head.append(meta(page, 'refused'));
    document.title = page.title;
    if (!samePage) {
        history.pushState({ inPlace: true }, '', address);
        document.querySelector('header.bar nav')?.replaceWith(page.querySelector('header.bar nav') ?? '');
    }
    here.replaceChildren(...there.childNodes);
    document.dispatchEvent(new Event('placed'));
    if (samePage) lightWhatChanged(document, before);
    window.scrollTo({ top: samePage ? scrolled : 0, behavior: 'instant' });
    if (!toTheMistake()) (here.querySelector('[autofocus]') ?? here).focus({ preventScroll: true });
    bringBackAll();
    say((here.querySelector('p.error') ?? here.querySelector('.deed > span') ?? here.querySelector('p.status'))?.textContent ?? '');
    return true;
}

// A form that was not taken has the hand at the field that is wrong.
export function toTheMistake() {
    const wrong = document.querySelector('[aria-invalid=true]');
    wrong?.focus();
    return wrong !== null;
}

// Read out by a screen reader: what changed on the page would not be.
function say(words) {
    const line = document.querySelector('[data-said]');
    if (line) line.textContent = words.replace(/\s+/g, ' ').trim();
}

export async function refresh() {
    const answer = await ask(location.href, { 'X-By-Itself': 'yes' });
    if (!answer.ok || !takePlace(await pageOf(answer), answer.url)) location.reload();
}

export function inPlace() {
    window.addEventListener('popstate', () => location.reload());
}
