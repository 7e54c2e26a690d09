/** Draws a theme's backdrop in the theme's colours: decoration, under everything else on the slide. */
import { type BackdropName, type LayoutName, pageOf } from '@gobrel/core/deck';
import { backdropArt } from './backdrops/index.js';

interface ThemeBackdropProps {
  readonly backdrop: BackdropName;
  readonly layout: LayoutName;
  /** Of the slide, in slide units. */
  readonly width: number;
  readonly height: number;
}

export function ThemeBackdrop({ backdrop, layout, width, height }: ThemeBackdropProps) {
  const art = backdropArt(backdrop, pageOf(layout), width, height);
  if (art === '') return null;
  return (
    <svg
      className="gv-backdrop"
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      aria-hidden="true"
      // Made of numbers and our own words only (backdrops/drawing.ts): parsed at once, and not compared part by part.
      dangerouslySetInnerHTML={{ __html: art }}
    />
  );
}
