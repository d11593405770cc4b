// What a page asks for beside its loading. The server is told so: such an answer begins no session and is no page to go back to.
export const ask = (address, headers = {}) =>
    fetch(address, { credentials: 'same-origin', headers: { 'X-Requested-With': 'XMLHttpRequest', ...headers } });
