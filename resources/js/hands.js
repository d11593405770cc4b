// A computer that stays at a bench: after a pause it asks again whose hands are at it. What is typed stays in this browser (drafts.js).
const MOVES = ['pointerdown', 'keydown', 'wheel', 'touchstart'];

export function hands() {
    const form = document.getElementById('leave-hands');
    if (!form) return;
    const pause = 60_000 * Number(form.dataset.minutes);
    let last = Date.now();
    for (const move of MOVES) addEventListener(move, () => (last = Date.now()), { passive: true });
    setInterval(() => {
        if (Date.now() - last > pause) form.submit();
    }, 5000);
}
