/** Under this an event keeps some of what it says as a text; whoever copies, compares or writes events does not see it. */
const TEXT = Symbol('text');

interface Held {
  [TEXT]: string;
}

/** Readers that stand for fields, as properties of an event. */
export type Readers = readonly (readonly [name: string, PropertyDescriptor])[];

/** Events read last whose fields are kept as read: whoever asks for one of them asks for others, and for those beside it. */
const KEPT = 4;

/**
 * Returns what reads fields of events from their texts when they are asked for. `read`: what a text says, field by field in the
 * order of `names`.
 */
export function readersOf(
  names: readonly string[],
  read: (text: string) => readonly unknown[],
): Readers {
  const lately = Array.from({ length: KEPT }, () => ({
    event: null as object | null,
    fields: [] as readonly unknown[],
  }));
  let oldest = 0;
  const fieldsOf = (event: Held): readonly unknown[] => {
    for (const one of lately) if (one.event === event) return one.fields;
    const one = lately[oldest]!;
    oldest = (oldest + 1) % KEPT;
    one.fields = read(event[TEXT]);
    one.event = event;
    return one.fields;
  };
  return names.map((name, place) => {
    const get = function (this: Held) {
      return fieldsOf(this)[place];
    };
    return [name, { enumerable: true, get }];
  });
}

/** Gives an event the text its readers read. */
export const keepText = (event: object, text: string): void =>
  void Object.defineProperty(event, TEXT, { value: text });
