/** What a file is as a video or a sound, as this browser plays it: asked before anything of it is sent anywhere. */

/** A file that can be played. */
export interface ProbedMedia {
  readonly kind: 'video' | 'sound';
  /** How long it plays, in seconds; 0 where it does not say. */
  readonly seconds: number;
  /** The size of its picture; 0 for a sound. */
  readonly width: number;
  readonly height: number;
  /** A picture out of its beginning; `null` for a sound, or where none can be had. */
  readonly poster: Blob | null;
}

/** How long a browser may take to look at a file, in milliseconds. */
const PATIENCE = 20_000;
/** The longest side of a poster, in pixels. */
const POSTER = 1280;

/** Whether a file says that it is a video or a sound; some programs call sounds of their own kind files of another. */
export function saysMedia({ type, name }: Pick<File, 'type' | 'name'>): boolean {
  return /^(video|audio)\//.test(type) || /\.(mp4|m4v|mov|webm|mp3|m4a|ogg|oga|ogv|opus|wav|aac|flac)$/i.test(name);
}

/** What a file is; `null` when this browser cannot play it. @param length known already, in seconds */
export async function probeMedia(file: Blob, length = 0): Promise<ProbedMedia | null> {
  const url = URL.createObjectURL(file);
  const video = document.createElement('video');
  video.muted = true;
  video.preload = 'auto';
  video.playsInline = true;
  try {
    video.src = url;
    if (!(await happens(video, 'loadeddata'))) return null;
    const seconds = length || (Number.isFinite(video.duration) ? video.duration : 0);
    const { videoWidth: width, videoHeight: height } = video;
    if (width === 0) return { kind: 'sound', seconds, width, height, poster: null };
    video.currentTime = Math.min(1, seconds / 10);
    await happens(video, 'seeked');
    return { kind: 'video', seconds, width, height, poster: await pictureOf(video, POSTER) };
  } finally {
    video.removeAttribute('src');
    video.load();
    URL.revokeObjectURL(url);
  }
}

/** Whether something happens to a video before it fails, or takes too long. */
export function happens(video: HTMLVideoElement, event: 'loadeddata' | 'seeked'): Promise<boolean> {
  return new Promise((resolve) => {
    const end = (happened: boolean) => {
      clearTimeout(timer);
      video.removeEventListener(event, yes);
      video.removeEventListener('error', no);
      resolve(happened);
    };
    const [yes, no] = [() => end(true), () => end(false)];
    const timer = setTimeout(no, PATIENCE);
    video.addEventListener(event, yes);
    video.addEventListener('error', no);
  });
}

/** What a video shows at the moment, no larger than so many pixels a side. */
export async function pictureOf(video: HTMLVideoElement, longest: number): Promise<Blob | null> {
  const scale = Math.min(1, longest / Math.max(video.videoWidth, video.videoHeight));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(video.videoWidth * scale));
  canvas.height = Math.max(1, Math.round(video.videoHeight * scale));
  const brush = canvas.getContext('2d');
  if (!brush) return null;
  brush.drawImage(video, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/webp', 0.82));
}
