/** What the drawings of the glossary show, for whoever hears them. */
export const PARTS_SAID =
  'Three joints of a chain from above: a pin through each, a roller around it, inner plates beside the rollers and outer plates outside them.';
export const DROP_SAID = 'A bottle lets one drop fall onto a roller of the lower run.';
export const WAY_SAID =
  'The way of the chain from the ring over the cog and around both jockey wheels of the rear derailleur.';
export const RAG_SAID = 'A rag held around the lower run of the chain.';
