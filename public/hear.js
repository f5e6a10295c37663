// @ts-check
/// <reference types="audioworklet" />

/** Hands over what a microphone hears, as it is; it runs where the browser makes sound and must be a file of its own. */
class Hear extends AudioWorkletProcessor {
  /** @param {Float32Array[][]} inputs */
  process([channels]) {
    const first = channels?.[0];
    if (first) this.port.postMessage(first.slice());
    return true;
  }
}

registerProcessor('hear', Hear);
