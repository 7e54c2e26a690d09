/** The names of text styles, and of what a text style decides. */

/** The text styles of every theme. */
export const textStyleNames = ['title', 'opening', 'section', 'subtitle', 'body', 'caption'] as const;

/** The name of a text style. */
export type TextStyleName = (typeof textStyleNames)[number];

/** What a text style decides, by name. */
export const styledProperties = ['size', 'color', 'heading', 'font', 'weight', 'lineSpacing', 'tracking'] as const;

/** Something that a text style decides. */
export type StyledProperty = (typeof styledProperties)[number];
