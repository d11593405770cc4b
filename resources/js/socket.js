// The map of a socket: contacts are marked by a press, or by the arrow keys and Space, or by typing row and column.
const MARKS = 'http://www.w3.org/2000/svg';

export function socket() {
    return {
        marked: {},
        state: 'bent',
        row: 1,
        column: 1,

        init() {
            this.marked = JSON.parse(this.$root.dataset.marked);
            this.draw();
        },

        use(event) {
            this.state = event.currentTarget.value;
        },

        mark(event) {
            const field = this.$refs.field;
            const box = field.getBoundingClientRect();
            const view = field.viewBox.baseVal;
            this.at(
                Math.round((((event.clientY - box.top) / box.height) * view.height - 5) / 10),
                Math.round((((event.clientX - box.left) / box.width) * view.width - 5) / 10),
            );
        },

        markTyped() {
            this.at(Number(this.$refs.row.value), Number(this.$refs.column.value));
        },

        step(event) {
            const move = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key];
            if (move) {
                event.preventDefault();
                this.point(this.row + move[0], this.column + move[1]);
            } else if (event.key === ' ') {
                event.preventDefault();
                this.at(this.row, this.column);
            }
        },

        point(row, column) {
            this.row = Math.min(Math.max(row, 1), Number(this.$refs.field.dataset.rows));
            this.column = Math.min(Math.max(column, 1), Number(this.$refs.field.dataset.columns));
            this.$refs.cursor.setAttribute('x', 10 * this.column - 1);
            this.$refs.cursor.setAttribute('y', 10 * this.row - 1);
            this.$refs.row.value = this.row;
            this.$refs.column.value = this.column;
        },

        at(row, column) {
            if (!(row >= 1 && column >= 1)) return;
            this.point(row, column);
            const place = `${this.row}.${this.column}`;
            if (this.state === '') delete this.marked[place];
            else this.marked[place] = this.state;
            this.draw();
        },

        draw() {
            this.$refs.contacts.value = JSON.stringify(this.marked);
            this.$refs.marks.replaceChildren(
                ...Object.entries(this.marked).map(([place, state]) => {
                    const [row, column] = place.split('.').map(Number);
                    const use = document.createElementNS(MARKS, 'use');
                    for (const [name, value] of Object.entries({
                        href: `#contact-${state}`,
                        x: 10 * column - 1,
                        y: 10 * row - 1,
                        width: 12,
                        height: 12,
                        class: `mark ${state}`,
                    }))
                        use.setAttribute(name, value);
                    return use;
                }),
            );
            this.$refs.list.replaceChildren(
                ...Object.entries(this.marked).map(([place, state]) => {
                    const line = document.createElement('li');
                    line.textContent = `${state}: row ${place.replace('.', ', column ')}`;
                    return line;
                }),
            );
        },
    };
}
