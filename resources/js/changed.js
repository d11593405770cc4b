// What an entry changed lights up once: parts on the chain, suspects, the way of the job, the first step, and new lines of the record.
const WATCHED = '.chain .part, .suspects [data-part], .rail li, .trials [data-entry], .step.first h3';

const key = (element) => {
    const within = element.closest('.chain, .suspects, .rail, .trials, .step')?.classList[0];
    return `${within} ${element.dataset.part ?? element.dataset.entry ?? place(element)}`;
};

const place = (element) => [...element.parentElement.children].indexOf(element);

const says = (element) => `${element.getAttribute('class')} ${element.textContent.replace(/\s+/g, ' ')}`;

export function shownNow(page) {
    return new Map([...page.querySelectorAll(WATCHED)].map((element) => [key(element), says(element)]));
}

export function lightWhatChanged(page, before) {
    if (before.size === 0) return;
    for (const element of page.querySelectorAll(WATCHED)) {
        if (before.get(key(element)) !== says(element)) element.classList.add('changed');
    }
}
