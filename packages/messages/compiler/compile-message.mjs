// One ICU message becomes a JavaScript expression: a text, or a function of the values it is filled with.
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';

/**
 * @param message in ICU message syntax
 * @returns `code`, a JavaScript expression that uses `number`, `date`, `plural`, `ordinal` and `select` of the runtime;
 *          `type`, its TypeScript type; `uses`, which of those it uses
 * @throws SyntaxError when it is no ICU message, or names one value as two types
 */
export function compileMessage(message) {
  const parts = parse(message, { shouldParseSkeletons: true, requiresOtherClause: true, ignoreTag: true });
  const values = new Map();
  const uses = new Set();
  const need = (name, type) => {
    const known = values.get(name);
    if (known === undefined || known === 'string | number') values.set(name, type);
    else if (known !== type && type !== 'string | number')
      throw new SyntaxError(`“${name}” is ${known} and ${type} in: ${message}`);
    return `values[${JSON.stringify(name)}]`;
  };
  const use = (helper) => (uses.add(helper), helper);

  const oneOf = (part, counted) => {
    const forms = Object.entries(part.options).map(
      ([key, { value }]) => `${JSON.stringify(key)}: ${text(value, counted)}`,
    );
    return `{ ${forms.join(', ')} }`;
  };
  /** @param counted the value and offset `#` stands for */
  const expression = (part, counted) => {
    switch (part.type) {
      case TYPE.literal:
        return JSON.stringify(part.value);
      case TYPE.argument:
        return need(part.value, 'string | number');
      case TYPE.number:
        return `${use('number')}(${need(part.value, 'number')}, ${JSON.stringify(part.style?.parsedOptions ?? {})})`;
      case TYPE.date:
      case TYPE.time:
        if (!part.style?.parsedOptions) throw new SyntaxError(`A date or time needs a skeleton (::…) in: ${message}`);
        return `${use('date')}(${need(part.value, 'Date | number | string')}, ${JSON.stringify(part.style.parsedOptions)})`;
      case TYPE.plural: {
        const helper = use(part.pluralType === 'ordinal' ? 'ordinal' : 'plural');
        const value = need(part.value, 'number');
        return `${helper}(${value}, ${oneOf(part, `${value} - ${part.offset}`)}, ${part.offset})`;
      }
      case TYPE.select: {
        const isYesNo = Object.keys(part.options).every((key) => key === 'true' || key === 'other');
        const value = need(part.value, isYesNo ? 'boolean' : 'string');
        return `${use('select')}(${value}, ${oneOf(part, counted)})`;
      }
      case TYPE.pound:
        return `${use('number')}(${counted})`;
      default:
        throw new SyntaxError(`What this is made of is not known here: ${message}`);
    }
  };
  const text = (all, counted) => (all.length === 0 ? '""' : all.map((part) => expression(part, counted)).join(' + '));

  const body = text(parts);
  if (values.size === 0) return { code: body, type: 'string', uses };
  const fields = [...values].map(([name, type]) => `readonly ${JSON.stringify(name)}: ${type}`).join('; ');
  // A text in front makes the sum a text, whatever the values are.
  return { code: `(values) => "" + ${body}`, type: `(values: { ${fields} }) => string`, uses };
}
