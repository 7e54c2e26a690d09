/** Classes: what is sent and what comes back. */
import { Transform } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsString, Length } from 'class-validator';

/** A new class with its students' names, as the school writes them. */
export class NewClass {
  @Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.trim() : value))
  @IsString()
  @Length(1, 80, { message: 'Give the class a name, such as 6 Heron.' })
  name: string;

  @IsArray()
  @ArrayMinSize(1, { message: 'Write at least one name, each on a line of its own.' })
  @ArrayMaxSize(400, { message: 'A class takes up to 400 names.' })
  @IsString({ each: true })
  @Length(1, 80, { each: true, message: 'A name takes up to 80 letters.' })
  students: string[];
}

/** A class and who is in it. */
export interface ClassView {
  readonly id: string;
  readonly name: string;
  readonly students: readonly { readonly id: string; readonly name: string; readonly hasPin: boolean }[];
}
