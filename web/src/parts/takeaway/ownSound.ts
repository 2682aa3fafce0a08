import type { TakeAwayOptions } from '../../api/types';
import type { components } from '../../api/schema.gen';
import { later } from '../../core/later';
import { isoDay } from '../../ui/words';

type SoundAsked = components['schemas']['SoundAsked'];

/** What can be made to sound without the studio: the steps with their climbs, who plays them, and what they are called. */
export type OwnSound = Pick<SoundAsked, 'whose' | 'title' | 'speech' | 'player' | 'pieces'>;

function asked(sound: OwnSound, options: TakeAwayOptions, from?: number): SoundAsked {
  const { times = 1, ladder = false, heard = [] } = options;
  return { ...sound, day: isoDay(), times, ladder, heard, from };
}

/** What the file would be. */
export function lookAtSound(sound: OwnSound, options: TakeAwayOptions, signal: AbortSignal) {
  return later('sound', asked(sound, options), signal);
}

function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  const text = atob(base64);
  const bytes = new Uint8Array(text.length);
  for (let i = 0; i < text.length; i++) bytes[i] = text.charCodeAt(i);
  return bytes;
}

/** The file as the studio would answer with it, made stretch by stretch as it is read. */
export async function fetchedSound(
  sound: OwnSound,
  options: TakeAwayOptions,
  signal: AbortSignal,
): Promise<Response> {
  const { name, bytes } = await lookAtSound(sound, options, signal);
  let next: number | undefined = 0;
  const body = new ReadableStream<Uint8Array<ArrayBuffer>>(
    {
      async pull(stream) {
        const stretch = await later('sound', asked(sound, options, next), signal);
        if (stretch.data !== undefined) stream.enqueue(bytesOf(stretch.data));
        next = stretch.next;
        if (next === undefined) stream.close();
      },
    },
    { highWaterMark: 0 },
  );
  return new Response(body, {
    headers: {
      'Content-Type': 'audio/wav',
      'Content-Length': String(bytes),
      'Content-Disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}`,
    },
  });
}
