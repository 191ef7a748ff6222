// Everything here makes a page quicker to use; each page works without it.
import { listenForKeys } from './keys.js';
import { liveForms } from './live.js';
import { hourStrips } from './hour-strip.js';
import { enduranceMap } from './endurance-map.js';
import { liveStream } from './live-stream.js';
import { outbox } from './outbox.js';
import { bankOrder } from './bank-order.js';
import { themeSwitch } from './theme.js';
import { width } from './width.js';
import { smallThings } from './small-things.js';
import { roof } from './roof.js';
import { folds } from './folds.js';
import { ladder } from './ladder.js';
import { runSheet } from './run-sheet.js';
import { signature } from './signature.js';

listenForKeys();
themeSwitch();
liveForms();
hourStrips();
enduranceMap();
liveStream();
runSheet();
outbox();
bankOrder();
width();
smallThings();
folds();
roof();
ladder();
signature();

// The page listens now.
document.documentElement.dataset.listens = 'yes';
