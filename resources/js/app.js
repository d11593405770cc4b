// Small behaviour for the pages: keys, dialogs, printing. The pages work by mouse and form without it where they can.
import Alpine from '@alpinejs/csp';
import { along } from './along';
import { bar } from './bar';
import { bench } from './bench';
import { call, ending } from './call';
import { act, check, claim, offers } from './choices';
import { counter } from './counter';
import { country } from './country';
import { drafts } from './drafts';
import { floor, wall } from './floor';
import { hands } from './hands';
import { inPlace, toTheMistake } from './in-place';
import { news } from './news';
import { offline } from './offline';
import { paper } from './paper';
import { pins } from './pins';
import { deed, practice, rivals } from './practice';
import { sending } from './sending';
import { socket } from './socket';
import { timers } from './timers';
import { tour } from './tour';
import { what } from './what';
import { why } from './why';

Alpine.data('along', along);
Alpine.data('bar', bar);
Alpine.data('bench', bench);
Alpine.data('call', call);
Alpine.data('ending', ending);
Alpine.data('check', check);
Alpine.data('counter', counter);
Alpine.data('country', country);
Alpine.data('claim', claim);
Alpine.data('floor', floor);
Alpine.data('news', news);
Alpine.data('tour', tour);
Alpine.data('wall', wall);
Alpine.data('why', why);
Alpine.data('deed', deed);
Alpine.data('paper', paper);
Alpine.data('practice', practice);
Alpine.data('rivals', rivals);
Alpine.data('pins', pins);
Alpine.data('act', act);
Alpine.data('offers', offers);
Alpine.data('socket', socket);
// A field for a scanner: what was read last is marked, so that the next scan takes its place.
Alpine.data('scanned', () => ({
    init() {
        this.$el.select();
    },
}));
// A list that opens under its word, and shuts when something else is meant.
Alpine.data('more', () => ({
    shut() {
        this.$root.open = false;
    },
}));
Alpine.data('printer', () => ({ print: () => window.print() }));
timers(document);
inPlace();
sending();
offline();
hands();
what();
Alpine.start();
drafts();
toTheMistake();
