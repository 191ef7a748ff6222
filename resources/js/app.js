// Everything here makes a page quicker to use; each page works without it.
import { listenForKeys } from './keys.js';
import { liveForms } from './live.js';
import { hourStrips } from './hour-strip.js';
import { themeSwitch } from './theme.js';
import { smallThings } from './small-things.js';

listenForKeys();
themeSwitch();
liveForms();
hourStrips();
smallThings();

// The page listens now.
document.documentElement.dataset.listens = 'yes';
