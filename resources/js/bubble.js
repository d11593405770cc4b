// A small sheet beside the thing it speaks of, inside the window: below it, above it, or at its side where it is tall.
const GAP = 8;

const within = (at, size, room) => Math.min(Math.max(GAP, at), room - size - GAP);

export function place(bubble, target) {
    const box = target.getBoundingClientRect();
    const own = bubble.getBoundingClientRect();
    let top = box.bottom + GAP;
    let left = box.left;
    if (top + own.height > window.innerHeight) top = box.top - own.height - GAP;
    if (top < 0) {
        top = box.top;
        left = box.right + GAP + own.width < window.innerWidth ? box.right + GAP : box.left - own.width - GAP;
    }
    bubble.style.top = `${within(top, own.height, window.innerHeight)}px`;
    bubble.style.left = `${within(left, own.width, window.innerWidth)}px`;
}
