import { ok } from '@/core/problem';
import { refuse, type Measured } from '@/core/senses/refusal';
import type { Sound } from '@/core/senses/sound/frames';

/** Camera and microphone of this device. Asked for by the tap that needs them, and given back at once after. */

/** Pixels along the longer side that are asked for: a phone’s camera gives what it has. */
const LONGEST = 1920;

/** Opens the camera that looks away from the rider, or says why not. */
export const openCamera = (): Promise<Measured<MediaStream>> =>
  opened({ video: { facingMode: 'environment', width: { ideal: LONGEST } } });

/** Opens the microphone as it is: nothing made louder, nothing taken for noise. */
const openMicrophone = (): Promise<Measured<MediaStream>> =>
  opened({
    audio: { autoGainControl: false, noiseSuppression: false, echoCancellation: false },
  });

async function opened(what: MediaStreamConstraints): Promise<Measured<MediaStream>> {
  // Not there over plain http on another machine, nor in old browsers.
  if (!navigator.mediaDevices) return refuse({ code: 'device/none' });
  try {
    return ok(await navigator.mediaDevices.getUserMedia(what));
  } catch (error) {
    const name = error instanceof DOMException ? error.name : '';
    return refuse({ code: REFUSALS[name] ?? 'device/none' });
  }
}

/** What the browser calls it. Source: W3C, Media Capture and Streams, getUserMedia. */
const REFUSALS: Record<string, 'device/refused' | 'device/none' | 'device/busy'> = {
  NotAllowedError: 'device/refused',
  SecurityError: 'device/refused',
  NotFoundError: 'device/none',
  OverconstrainedError: 'device/none',
  NotReadableError: 'device/busy',
  AbortError: 'device/busy',
};

/** Gives a device back: its light goes out. */
export const giveBack = (stream: MediaStream): void =>
  stream.getTracks().forEach((track) => track.stop());

/** What a camera shows just now, as a picture file; null where this browser cannot make one. */
export async function pictureOf(video: HTMLVideoElement): Promise<Blob | null> {
  if (!('OffscreenCanvas' in window)) return null;
  const canvas = new OffscreenCanvas(video.videoWidth, video.videoHeight);
  canvas.getContext('2d')?.drawImage(video, 0, 0);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.95 });
}

export interface Recorder {
  /** All that was heard, once it is stopped. */
  stop: () => Promise<Sound>;
}

/** Records from the microphone until it is stopped; `onLevel` gets how loud it is, 0 to 1, some times a second. */
export async function startRecording(
  onLevel: (level: number) => void,
): Promise<Measured<Recorder>> {
  const stream = await openMicrophone();
  if (!stream.ok) return stream;
  const audio = new AudioContext();
  const end = async () => {
    giveBack(stream.value);
    await audio.close();
  };
  try {
    await audio.audioWorklet.addModule('/hear.js');
    const hear = new AudioWorkletNode(audio, 'hear', { numberOfOutputs: 0 });
    const parts: Float32Array[] = [];
    let loudest = 0;
    hear.port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
      parts.push(data);
      for (const v of data) loudest = Math.max(loudest, Math.abs(v));
      if (parts.length % 32 !== 0) return;
      onLevel(loudest);
      loudest = 0;
    };
    audio.createMediaStreamSource(stream.value).connect(hear);
    await audio.resume();
    return ok({
      stop: async () => {
        const rate = audio.sampleRate;
        await end();
        return { samples: joined(parts), rate };
      },
    });
  } catch {
    await end();
    return refuse({ code: 'device/failed' });
  }
}

function joined(parts: readonly Float32Array[]): Float32Array {
  const samples = new Float32Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    samples.set(part, at);
    at += part.length;
  }
  return samples;
}

/** Longer than this tells no more, and fills the memory. */
const MOST_SECONDS = 60;
const MOST_BYTES = 40e6;
const RATE = 44_100;

/** The sound of a file, all channels as one, or why there is none. */
export async function soundOfFile(file: Blob): Promise<Measured<Sound>> {
  if (file.size > MOST_BYTES) return refuse({ code: 'sound/too-long', mostSeconds: MOST_SECONDS });
  const decoder = new OfflineAudioContext(1, 1, RATE);
  const read = await decoder.decodeAudioData(await file.arrayBuffer()).catch(() => null);
  if (!read || read.length === 0) return refuse({ code: 'sound/not-sound' });
  if (read.duration > MOST_SECONDS)
    return refuse({ code: 'sound/too-long', mostSeconds: MOST_SECONDS });
  const samples = new Float32Array(read.length);
  for (let channel = 0; channel < read.numberOfChannels; channel++) {
    const own = read.getChannelData(channel);
    for (let n = 0; n < samples.length; n++)
      (samples[n] as number) += (own[n] as number) / read.numberOfChannels;
  }
  return ok({ samples, rate: read.sampleRate });
}
