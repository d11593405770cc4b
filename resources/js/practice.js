// The practice room: the bench of a job, but what is done is answered. What was thought goes along with every deed, and beeps are heard.
import { ask } from './ask';
import { bench } from './bench';
import { isTyping } from './typing';

const LONG = 0.42;
const SHORT = 0.14;
const GAP = 0.12;
const PITCH = 880;

let sound;

export function practice() {
    const common = bench();
    return {
        ...common,

        init() {
            common.init.call(this);
            const button = this.$root.querySelector('[data-beeps]');
            button?.addEventListener('click', () => beep(button.dataset.beeps));
            if (button && this.$root.querySelector('[data-beeps-now]')) beep(button.dataset.beeps);
        },

        key(event) {
            if (!isTyping(event) && !this.$root.querySelector('dialog[open]')) {
                if (event.key === 's') return this.$root.querySelector('[data-start]').click();
                if (event.key === 'p') return this.$root.querySelector('[data-ask]')?.click();
            }
            common.key.call(this, event);
        },

        // What is thought stands outside the forms of the deeds, and goes with whichever is sent.
        withGuess(event) {
            for (const old of event.target.querySelectorAll('[data-thought]')) old.remove();
            for (const field of this.$root.querySelectorAll('[data-guess] [name]')) {
                const copy = document.createElement('input');
                Object.assign(copy, { type: 'hidden', name: field.name, value: field.value });
                copy.dataset.thought = '';
                event.target.append(copy);
            }
        },
    };
}

// What others make of the same machine takes some seconds, and comes when it is there.
export function rivals() {
    return {
        async init() {
            const answer = await ask(this.$root.dataset.from).catch(() => null);
            if (answer?.ok) this.$root.innerHTML = await answer.text();
            else this.$root.textContent = 'That did not come. Load the page again.';
        },
    };
}

// The form of an act at a practice machine: its caution, and what it is dried after.
export function deed() {
    return {
        init() {
            this.choose();
        },
        choose() {
            const { act, caution, agent } = this.$refs;
            caution.textContent = act.selectedOptions[0]?.dataset.caution ?? '';
            caution.hidden = caution.textContent === '';
            agent.hidden = agent.querySelector('select').disabled = act.value !== 'dry';
        },
    };
}

// Beeps of a made-up board: l is long, s is short, a blank is a rest.
function beep(pattern) {
    sound ??= new AudioContext();
    let at = sound.currentTime + 0.05;
    for (const one of pattern) {
        const length = one === 'l' ? LONG : SHORT;
        if (one !== ' ') {
            const tone = sound.createOscillator();
            const loudness = sound.createGain();
            tone.type = 'square';
            tone.frequency.value = PITCH;
            loudness.gain.value = 0.06;
            tone.connect(loudness).connect(sound.destination);
            tone.start(at);
            tone.stop(at + length);
        }
        at += length + GAP;
    }
}
