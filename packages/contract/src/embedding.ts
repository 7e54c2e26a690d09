/** The code by which a page elsewhere embeds a published show. */
import { inHtml } from '@gobrel/core/html';

/** How high the bar under an embedded slide is, in CSS pixels, and how much is left free around it, both sides together. */
const BAR = 49;
const RIM = 24;

/** The widths to choose from, in CSS pixels. */
export const EMBED_WIDTHS = [480, 640, 960, 1280] as const;

/** What is embedded, and how large. */
export interface Embedded {
  /** Where the application is, without a slash at its end. */
  readonly site: string;
  /** The last part of the show's address. */
  readonly address: string;
  readonly title: string;
  /** Of its slides; only how they stand to each other matters. */
  readonly slide: { readonly width: number; readonly height: number };
  /** The most it takes, in CSS pixels. */
  readonly width: number;
}

/** How high an embedded show is at a width, in CSS pixels: its slide, and the bar below. */
export function embeddedHeight({ slide, width }: Pick<Embedded, 'slide' | 'width'>): number {
  return Math.round(((width - RIM) * slide.height) / slide.width) + RIM + BAR;
}

/**
 * HTML that shows it in a page: as wide as there is room, up to its width. What is in the frame may run its own scripts and
 * open links in new windows, and nothing else.
 */
export function embedCode(show: Embedded): string {
  const { site, address, title, width } = show;
  return (
    `<iframe src="${site}/embed/${address}" title="${inHtml(title)}" ` +
    `style="width:100%;max-width:${String(width)}px;aspect-ratio:${String(width)}/${String(embeddedHeight(show))};border:0" ` +
    'sandbox="allow-scripts allow-same-origin allow-popups allow-popups-to-escape-sandbox allow-downloads" ' +
    'allow="autoplay; fullscreen" loading="lazy"></iframe>'
  );
}
