/** The pipe that checks what comes in against the contract's classes. */
import { faultOf } from '@gobrel/contract';
import { ValidationPipe } from '@nestjs/common';
import { refuse } from './problem-exception.js';

/** Takes only known fields, and says of each wrong one what is wrong with it. */
export function contractPipe(): ValidationPipe {
  return new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    exceptionFactory: (faults) => {
      const fields = Object.fromEntries(
        faults.map((fault) => [fault.property, faultOf(Object.values(fault.constraints ?? {})[0])]),
      );
      return refuse(422, 'not-valid', fields);
    },
  });
}
