/**
 * Where pictures are looked for. What a source gives and is asked has the shape of the image search of the Openverse API,
 * version 1 (`GET /v1/images/?q=…&license_type=…&aspect_ratio=…`): a client of such a service fills this interface by
 * renaming fields. Here the pictures that come along stand in for one.
 */
import type { LibraryQuery } from '@gobrel/contract';

/** A picture as a source tells it. */
export interface FoundPicture {
  /** By which it is asked for. */
  readonly id: string;
  readonly title: string;
  readonly creator: string;
  /** Such as `by-sa`, and its version. */
  readonly license: string;
  readonly license_version: string;
  readonly license_url: string;
  /** Where it is looked at outside. */
  readonly foreign_landing_url: string;
  readonly width: number;
  readonly height: number;
  readonly tags: readonly { readonly name: string }[];
}

/** A page of what was found. */
export interface FoundPictures {
  readonly result_count: number;
  readonly page: number;
  readonly page_count: number;
  readonly results: readonly FoundPicture[];
}

/** A source of pictures. */
export interface PictureSource {
  /** Looks for pictures. @throws where it cannot be asked */
  search(query: LibraryQuery): Promise<FoundPictures>;
  /** The bytes of a picture as WebP. @throws 404 when there is none */
  picture(id: string, size: 'small' | 'whole'): Promise<Buffer>;
}

/** By which a source is given to whoever needs one. */
export const PICTURE_SOURCE = Symbol('picture source');
