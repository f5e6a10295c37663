import type { Cause } from '../../records/faults';

/** A cause as it is told: what it is called, what goes on, and what mends it. */
export interface CauseWords {
  name: string;
  what: string;
  mend: string;
}

/** Said of every cause that can. */
export const CAN_THROW = 'Do not ride until it is put right. It can throw you.';

export const CAUSE_WORDS: Readonly<Record<Cause, CauseWords>> = {
  'dry chain': {
    name: 'Dry chain',
    what: 'The film between pins and rollers is used up.',
    mend: 'Wipe it and lube it; clean it first if the rag comes off black.',
  },
  'dirty chain': {
    name: 'Dirt in the chain',
    what: 'Old lube and dirt have become a grinding paste.',
    mend: 'Clean chain, cogs and jockey wheels together, then lube.',
  },
  'rusted chain': {
    name: 'Rusted chain',
    what: 'Water has stood in it.',
    mend: 'Brush and lube it, then feel for stiff links. A pitted chain is replaced.',
  },
  'stiff link': {
    name: 'Stiff link',
    what: 'One link does not straighten by itself and jumps over cog and jockey wheel.',
    mend: 'Put a drop of oil on it, then bend it a little sideways with both hands, to and fro, until it moves like the others. If it stays stiff, the link or the chain is replaced.',
  },
  'moved pin': {
    name: 'A pin has moved',
    what: 'One pin stands out on a side. It can leave its plate under load.',
    mend: 'Do not ride on it. That link is cut out and replaced by a new one, or the chain is. Pressed back it holds no more than a walk home.',
  },
  'unseated link': {
    name: 'Quick link not seated',
    what: 'Its pins do not stand at the end of their slots.',
    mend: 'On the upper run, rear brake held, press the pedal until it snaps home. If it does not, fit a new one.',
  },
  'link wrong way': {
    name: 'Quick link the wrong way round',
    what: 'Some links run one way only and catch on the cogs the other way.',
    mend: 'Open it, turn it so that its arrow points forward on the upper run. A single-use link is replaced.',
  },
  'wrong side of tab': {
    name: 'Chain on the wrong side of the tab',
    what: 'In the jockey cage a small tab keeps the chain in line. Threaded past its wrong side the chain grinds on it: it still spins and shifts.',
    mend: 'Open the chain, or take the lower jockey wheel out, and thread it inside the tab.',
  },
  'outside the stay': {
    name: 'Chain outside the frame',
    what: 'It was closed round a part of the frame it should run inside of.',
    mend: 'Open it and thread it through.',
  },
  'reversed chain': {
    name: 'Directional chain reversed',
    what: 'Its ramps face the wrong way, so it shifts late.',
    mend: 'Turn it: markings outwards, arrow forward on the upper run.',
  },
  'worn chain': {
    name: 'Worn chain',
    what: 'It is longer than its limit and rides high on the teeth.',
    mend: 'Replace it before it takes the cogs with it.',
  },
  'chain too long': {
    name: 'Chain too long',
    what: 'The lower run hangs on small cogs.',
    mend: 'Shorten it by pairs of links, with a chain tool.',
  },
  'slack chain': {
    name: 'Slack chain',
    what: 'It has worn longer, or the wheel has slipped forward, and it slaps or comes off.',
    mend: 'Move the wheel back until the chain gives 10 to 15 mm, straight in the frame, and tighten it as its maker says. At the end of its way the chain is worn: measure it.',
  },
  'chain too short': {
    name: 'Chain too short',
    what: 'It is pulled straight on large cogs and can tear the derailleur off.',
    mend: 'Do not shift to the largest pair. Add links of the same kind or fit a longer chain.',
  },
  'dirty jockey wheels': {
    name: 'Dirt on the jockey wheels',
    what: 'Packed dirt lifts the chain off their teeth.',
    mend: 'Scrape and wipe them at every clean.',
  },
  'dry jockey bearing': {
    name: 'Jockey wheel runs dry',
    what: 'Its bush or bearing squeaks, often on a chain that is freshly lubed.',
    mend: 'Put a drop of oil on it, or clean and grease it. Replace it when it stays rough or wobbles.',
  },
  'dirty cogs': {
    name: 'Dirt between the cogs',
    what: 'Packed dirt keeps the chain from sitting down.',
    mend: 'Brush it out, and draw the edge of a rag through.',
  },
  'packed ring': {
    name: 'Ring packed with dirt',
    what: 'On a narrow-wide ring dirt in the narrow gaps throws the chain.',
    mend: 'Pick the gaps clean from both sides.',
  },
  'worn cogs': {
    name: 'Worn cogs',
    what: 'A new chain does not fit teeth an old one has worn, and skips under load.',
    mend: 'Replace the cassette, or the cog; go back to the old chain until then if it is not past its limit.',
  },
  'bad tooth': {
    name: 'Bent or chipped tooth',
    what: 'One tooth catches once a turn.',
    mend: 'A burr is filed off; a bent or broken tooth means a new ring or cog.',
  },
  'out of index': {
    name: 'Shifting out of line',
    what: 'The jockey wheel does not stand below its cog: cable, trim or a bent hanger.',
    mend: 'Turn the barrel or the trim first. A bent hanger is straightened in a workshop.',
  },
  'cage rubs': {
    name: 'Front cage rubs',
    what: 'The chain touches the cage of the front derailleur in crossed gears.',
    mend: 'Use a gear less crossed, trim it, or set its cable and screws.',
  },
  'limit screw': {
    name: 'Limit screw',
    what: 'The derailleur goes too far, or not far enough, at an end.',
    mend: 'Set the limit by small turns on the stand. If you have not done it before, leave it to a workshop. A chain in the spokes throws the rider.',
  },
  'lube not set': {
    name: 'Lube not set',
    what: 'The carrier had not left, or there was too much of it.',
    mend: 'Wipe the outside well and let it stand as long as its label says.',
  },
  'dry freehub': {
    name: 'Freehub dry or worn',
    what: 'It sounds when the cranks stand and the wheel turns.',
    mend: 'A workshop cleans the freehub and greases it with what its maker asks for.',
  },
  'loose crank parts': {
    name: 'Pedals, cranks, rings or bottom bracket',
    what: 'Something moves a little each time you push.',
    mend: 'Tighten to the makers’ figures, threads greased. Play in the bottom bracket is for a workshop.',
  },
  'brake rubs': {
    name: 'Brake rubs',
    what: 'Pad and rotor or rim touch while rolling.',
    mend: 'Centre the brake by its outside screws or set the wheel straight. A bent rotor or wheel is for a workshop. Do not open the brake.',
  },
  'oil on brake': {
    name: 'Oil on the brake',
    what: 'Lube or spray has come on rotor, rim or pads.',
    mend: 'Do not ride before it bites again. Clean rotor or rim with brake cleaner on a clean rag. Soaked pads are replaced, in a workshop if you have not done it.',
  },
  'loose wheel': {
    name: 'Loose wheel',
    what: 'Axle, skewer or nuts are not tight, or a hub has play.',
    mend: 'Set it straight and close it as its maker says. Play in the hub is for a workshop.',
  },
  'wax flakes': {
    name: 'Fresh wax shedding flakes',
    what: 'A waxed chain crackles on its first ride.',
    mend: 'Only wipe off the crumbs. It is gone after a ride.',
  },
  'new chain settling': {
    name: 'New chain settling in',
    what: 'A new chain on used cogs is a little louder at first.',
    mend: 'Nothing, for a hundred kilometres or so, as long as it does not skip.',
  },
};
