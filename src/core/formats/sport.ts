/** What a file's word for its sport means: a bicycle, one that stands on the spot or has a motor, another sport, or nobody knows. */
export type Sport = 'cycling' | 'indoors' | 'e-bike' | 'other' | 'not said' | 'unknown';

/** A word as its parts: "VirtualRide", "e_biking", "MOUNTAIN BIKING" alike. */
const partsOf = (text: string): string =>
  text
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .replace(/[_\-/.]+/g, ' ')
    .trim();

/** Sports that turn no bicycle chain, also where their word holds one of cycling: a motorcycle, a ride on a horse. */
const OTHER =
  /\b(motor ?(cycl|bik)\w*|motor ?sport\w*|moped|scooter|driv\w*|car|horse\w*|equest\w*|run|runs|runner|running|jog\w*|walk\w*|hik\w*|mountaineer\w*|swim\w*|row\w*|paddl\w*|kayak\w*|cano\w*|surf\w*|kite\w*|sail\w*|boat\w*|ski|skiing|\w+ ski\w*|snowboard\w*|snow ?shoe\w*|skat\w*|yoga|pilates|strength|weight\w*|cardio\w*|elliptical|stair\w*|rock ?climb\w*|climbing|bouldering|soccer|football|tennis|golf|danc\w*|fly\w*|hang ?glid\w*|wheelchair|hand ?cycl\w*|transition|multi ?sport|triathlon|duathlon|laufen|lauf|wandern|schwimmen|gehen|course à pied|marche|randonnée|natation|correr|carrera|caminar|natación|corsa|camminata|nuoto|hardlopen|wandelen|zwemmen)\b/;
const E_BIKE = /\b(e ?bik\w*|ebike\w*|e ?mountain ?bik\w*|e ?mtb|pedelec|electric)\b/;
const INDOORS = /\b(indoor|virtual|spin\w*|trainer|turbo|rollers|stationary|home ?trainer)\b/;
/** Codes some programs write for a word: 1 is cycling in several of them (common practice). */
const CYCLING =
  /\b(\w*cycl\w*|bik\w*|\w+bik(e|es|ing)|bicycl\w*|rid(e|es|ing)|mtb|bmx|gravel|commut\w*|velo|vélo|cyclisme|cyclotourisme|rad|radfahren|radsport|radtour|radfahrt|rennrad|rennradfahren|fahrrad|fahrradfahren|fahrradtour|bici|ciclismo|fietsen|wielrennen|1)\b/;

/** What the word for a sport means. */
export function sportOf(word: string): Sport {
  const parts = partsOf(word);
  if (parts === '') return 'not said';
  if (OTHER.test(parts)) return 'other';
  if (E_BIKE.test(parts)) return 'e-bike';
  if (INDOORS.test(parts)) return 'indoors';
  return CYCLING.test(parts) ? 'cycling' : 'unknown';
}
