import { place } from './bubble';

// "What is this?": marks and numbers say it in place, to a hand that rests on them, a finger that stays, and the focus.
const REST = 600;

const STAY = 500;

let bubble;
let waiting;

const asked = (event) => (event.target instanceof Element ? event.target.closest('[data-what]') : null);

function show(target) {
    hide();
    bubble = document.createElement('div');
    bubble.id = 'what';
    bubble.className = 'bubble';
    bubble.setAttribute('role', 'tooltip');
    bubble.textContent = target.dataset.what;
    (target.closest('dialog') ?? document.body).append(bubble);
    target.setAttribute('aria-describedby', 'what');
    place(bubble, target);
}

function hide() {
    clearTimeout(waiting);
    document.querySelector('[aria-describedby=what]')?.removeAttribute('aria-describedby');
    bubble?.remove();
    bubble = null;
}

export function what() {
    document.addEventListener('focusin', (event) => asked(event)?.matches(':focus-visible') && show(asked(event)));
    document.addEventListener('focusout', hide);
    document.addEventListener('keydown', (event) => event.key === 'Escape' && hide());
    document.addEventListener('scroll', hide, { capture: true, passive: true });
    document.addEventListener('pointerover', (event) => {
        clearTimeout(waiting);
        const target = asked(event);
        if (target && event.pointerType === 'mouse') waiting = setTimeout(() => target.isConnected && show(target), REST);
    });
    document.addEventListener('pointerout', (event) => asked(event) && hide());
    document.addEventListener('pointerdown', (event) => {
        clearTimeout(waiting);
        const target = asked(event);
        if (target && event.pointerType !== 'mouse') waiting = setTimeout(() => show(target), STAY);
        else hide();
    });
    document.addEventListener('pointerup', () => clearTimeout(waiting));
    // Parts on the chain are gone through by arrow keys: the chain itself is one stop of the Tab key.
    document.addEventListener('keydown', (event) => {
        const part = event.target instanceof Element ? event.target.closest('.chain .part') : null;
        const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
        if (!part || !step) return;
        event.preventDefault();
        const parts = [...part.closest('.chain').querySelectorAll('.part')];
        const next = parts[(parts.indexOf(part) + step + parts.length) % parts.length];
        part.setAttribute('tabindex', '-1');
        next.setAttribute('tabindex', '0');
        next.focus();
    });
}
