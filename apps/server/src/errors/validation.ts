/** The pipe that checks what comes in against the contract's classes. */
import { ValidationPipe } from '@nestjs/common';
import { refuse } from './problem-exception.js';

/** Takes only known fields, and names each wrong one in words. */
export function contractPipe(): ValidationPipe {
  return new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    exceptionFactory: (faults) => {
      const fields = Object.fromEntries(
        faults.map((fault) => [fault.property, Object.values(fault.constraints ?? {})[0] ?? 'This is not right.']),
      );
      return refuse(422, 'not-valid', Object.values(fields)[0] ?? 'Some fields are not right.', fields);
    },
  });
}
