const STORE = 'orthoscope.paper';

// What the printer beside this computer holds. The sheet on the page takes its shape, and so does what is printed.
export function paper() {
    return {
        init() {
            this.$el.value = localStorage.getItem(STORE) ?? 'a4';
            this.pick();
        },
        pick() {
            document.documentElement.dataset.paper = this.$el.value;
            localStorage.setItem(STORE, this.$el.value);
        },
    };
}
