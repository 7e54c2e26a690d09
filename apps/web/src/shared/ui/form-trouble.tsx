/** Why a form could not be sent, where that is not said at its fields. */
import { faultsOf, messageOf } from '../api';

interface FormTroubleProps {
  /** Of the request that sent it; nothing is said of `null`. */
  readonly error: unknown;
  /** The fields that say themselves what is wrong with them. */
  readonly fields: readonly string[];
}

export function FormTrouble({ error, fields }: FormTroubleProps) {
  const faulty = Object.keys(faultsOf(error));
  if (error === null || (faulty.length > 0 && faulty.every((name) => fields.includes(name)))) return null;
  return (
    <p role="alert" className="text-berry">
      {messageOf(error)}
    </p>
  );
}
