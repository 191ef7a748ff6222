<?php

declare(strict_types=1);

// The walk through the vehicle at the hand-over: what is shown, and what is said there.
return [
    'inlet' => ['show' => 'Connect the lead and take it off again, together.', 'say' => 'The lead goes into the vehicle first, then into the post. Set the input limit to what the post gives at every site; {amps} is safe anywhere. It need not stay connected.'],
    'switch' => ['show' => 'Switch it off, see what goes dark, switch it on again.', 'say' => 'Off for work and for storage. Never while the engine runs or a charger works.'],
    'fuse' => ['show' => 'Where it is, and where its spares are.', 'say' => 'If it has opened, something made it: look for that first. A fuse is replaced by one of the same figures and is never bridged; a breaker is reset once.'],
    'earth-leakage' => ['show' => 'Press its test button; it must trip. Set it again.', 'say' => 'Once a month. If it trips by itself, take everything off the outlets and put it back one by one; what trips it stays out.'],
    'display' => ['show' => 'Read it with a load on, then with a charger on.', 'say' => 'The sign tells whether current flows in or out. “Time to go” is without end while it charges. The percentage counts, not the volts.'],
    'mains-charger' => ['show' => 'It works while the post is live.', 'say' => 'It works on hook-up alone. It need not stay on for months.'],
    'engine-charger' => ['show' => 'Start the engine and see the amps.', 'say' => 'It charges while one drives; at idle only as far as the alternator bears it.'],
    'panels' => ['show' => 'See the amps, and a hand’s shade on one panel.', 'say' => 'A little shade costs much. They are live whenever there is light: no lead is parted by day. A cover in storage lets some light through.'],
    'lithium' => ['show' => 'Where they are, how they are held, how the place is opened.', 'say' => 'They are not charged below {celsius}; they stop it by themselves. Not to be held full for months. Swollen, hot or hissing: leave, and call.'],
    'lead' => ['show' => 'Where they are, how they are held and aired.', 'say' => 'They are kept full: charge them after every trip and once a month in storage. Charging gives off hydrogen: air, no sparks.'],
    'heater' => ['show' => 'Feel that it warms when it is told to.', 'say' => 'It warms the batteries in frost so that they can be charged; it takes from the bank when nothing else comes in.'],
    'generator' => ['show' => 'Start it outside, connect the lead.', 'say' => 'Outdoors alone, away from windows: its exhaust kills. Set the input limit to what it gives.'],
    'inverter' => ['show' => 'Switch it on, load it, switch it off.', 'say' => 'It gives {watts} and takes {idle} for being on: off when nobody needs it. Overload: take loads away, off and on again. Its outlets are mains, whatever feeds them.'],
    'left-in' => ['show' => 'Its label.', 'say' => 'What it shows, or seems to do, is no longer so.'],
    'together' => ['title' => 'What runs together', 'show' => 'Two large loads at once, watching the display.', 'say' => 'All outlets together carry {watts}. The papers say what goes with what.'],
    'emergency' => ['title' => 'Starting in an emergency', 'show' => 'How the engine is started if its battery is flat.', 'say' => 'Starter and house battery are never joined by a lead of one’s own.'],
    'storage' => ['title' => 'Winter and storage', 'show' => 'What is switched off for the winter.', 'say' => 'What it is left at, and when one looks at it again, is in the papers.'],
    'later' => ['title' => 'What may be added', 'show' => 'Where something more could go.', 'say' => 'What can be added, and until when, is in the papers. Ask before anything is joined to the bank.'],
    'papers' => ['title' => 'Papers, sticker, night page', 'show' => 'The pack, the sticker with its code, the page for the night. Open that page once on their phone.', 'say' => 'Once opened it is there without a signal. Any electrician can work from the pack.'],
];
