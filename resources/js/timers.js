// Time left of what runs on the bench, by the second. The clock of this machine may be off: the server's counts.
export function timers(root) {
    const ahead = Number(document.querySelector('meta[name="server-now"]').content) - Date.now() / 1000;
    const show = () => {
        for (const timer of root.querySelectorAll('[data-until]')) {
            const left = Math.max(0, Math.round(Number(timer.dataset.until) - Date.now() / 1000 - ahead));
            const face = timer.querySelector('.num');
            if (left === 0) {
                timer.classList.add('over');
                face.textContent = 'over';
            } else {
                face.textContent =
                    left >= 3600
                        ? `${Math.floor(left / 3600)} h ${Math.round((left % 3600) / 60)} min`
                        : left >= 60
                          ? `${Math.ceil(left / 60)} min`
                          : `${left} s`;
            }
        }
    };
    show();
    setInterval(show, 1000);
    // A page that took the place of another shows them at once.
    document.addEventListener('placed', show);
}
