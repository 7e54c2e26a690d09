/** The screen while the teacher has darkened all of them. */
import { messages } from '../../../shared/messages';

export function DarkScreen() {
  return (
    <p
      role="status"
      className="fixed inset-0 z-50 flex items-center justify-center bg-black p-8 text-center text-2xl text-[#d8d4c8]"
    >
      {messages.student.isDark}
    </p>
  );
}
