/** Why a form could not be sent, where that is not said at one of its fields. */
import { faultsOf, messageOf } from '../api';

/** @param error of the request that sent it; nothing is said of `null` */
export function FormTrouble({ error }: { error: unknown }) {
  if (error === null || Object.keys(faultsOf(error)).length > 0) return null;
  return (
    <p role="alert" className="text-berry">
      {messageOf(error)}
    </p>
  );
}
