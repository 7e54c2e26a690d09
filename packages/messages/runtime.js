/** What compiled messages are put together with: plurals, numbers, dates and times by the rules of a locale. */

/** @param locale a BCP 47 tag, such as `en-GB` */
export function formats(locale) {
  const rules = new Intl.PluralRules(locale);
  const ordinals = new Intl.PluralRules(locale, { type: 'ordinal' });
  const made = new Map();
  /** A formatter with these options, made once. */
  const once = (Format, options) => {
    const key = Format.name + JSON.stringify(options);
    if (!made.has(key)) made.set(key, new Format(locale, options));
    return made.get(key);
  };
  const number = (value, options = {}) => once(Intl.NumberFormat, options).format(value);
  return {
    number,
    /** @param value a Date, milliseconds since 1970, or an ISO 8601 text */
    date: (value, options) => once(Intl.DateTimeFormat, options).format(new Date(value)),
    /** The form for `value`: an exact one (`=0`) before the one its category has. */
    plural: (value, forms, offset = 0) => forms[`=${value}`] ?? forms[rules.select(value - offset)] ?? forms.other,
    ordinal: (value, forms, offset = 0) => forms[`=${value}`] ?? forms[ordinals.select(value - offset)] ?? forms.other,
    select: (value, forms) => (Object.hasOwn(forms, String(value)) ? forms[String(value)] : forms.other),
  };
}
