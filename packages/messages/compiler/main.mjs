// npm run messages: compiles the catalogue of every language into packages/messages/compiled.
import { compileAll } from './compile-catalogue.mjs';

try {
  compileAll();
} catch (error) {
  console.error(`The messages were not compiled. ${error.message}`);
  process.exitCode = 1;
}
