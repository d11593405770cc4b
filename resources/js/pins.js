// A photograph is pinned by a press on the drawing of the side it shows.
export function pins() {
    return {
        turn(event) {
            for (const side of this.$refs.drawing.querySelectorAll('[data-place]')) {
                side.toggleAttribute('hidden', side.dataset.place !== event.currentTarget.value);
            }
        },

        pin(event) {
            const box = this.$refs.drawing.getBoundingClientRect();
            const x = Math.round((1000 * (event.clientX - box.left)) / box.width);
            const y = Math.round((1000 * (event.clientY - box.top)) / box.height);
            this.$refs.x.value = x;
            this.$refs.y.value = y;
            this.$refs.pin.setAttribute('cx', 0.3 * x);
            this.$refs.pin.setAttribute('cy', 0.2 * y);
        },
    };
}
