import type { RecorderReply } from '@/core/formats/recorderReply';
import { fail, ok, type Result } from '@/core/problem';
import { ask, askJson } from './ask';

/** A ride recorder: what it holds, and the file of each ride. */
export interface Recorder {
  list(since: number): Promise<Result<RecorderReply>>;
  file(name: string): Promise<Result<File>>;
}

/** The recorder under this app's own address, or any that answers as it does. */
export const rideRecorder = (base = '/api/recorder/rides'): Recorder => ({
  list(since) {
    const query = new URLSearchParams({ since: new Date(since).toISOString() });
    return askJson(`${base}?${query.toString()}`, (shapes) => shapes.recorderReplySchema);
  },
  async file(name) {
    const response = await ask(`${base}/${encodeURIComponent(name)}`);
    if (!response.ok) return response;
    try {
      return ok(new File([await response.value.blob()], name));
    } catch {
      return fail('outside/offline');
    }
  },
});
