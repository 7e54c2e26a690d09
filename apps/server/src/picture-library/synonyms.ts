/** Words that mean much the same, in the languages of the interface: whoever looks for one finds the others. */

/** Each row: words that find one another. */
const rows = `
bird fowl ave pájaro
sea ocean mar océano
beach shore coast playa costa orilla
water agua
river stream río arroyo
tree árbol
wood forest bosque
leaf leaves hoja
flower blossom flor
plant herb planta
animal creature beast animales
mammal mamífero
insect bug insecto
fish pez pescado
fox zorro
owl búho lechuza
bat murciélago
hare rabbit liebre conejo
frog toad rana sapo
butterfly mariposa
snail caracol
whale ballena
duck pato
beetle escarabajo
bee abeja
hedgehog erizo
heron garza
gull seagull gaviota
crab cangrejo
otter nutria
shell concha
night dark noche oscuro
morning dawn sunrise mañana amanecer
evening dusk sunset tarde anochecer
sun sol
star estrella
moon luna
rain lluvia
snow nieve
weather tiempo
mountain montaña
hill colina
island isla
map plan mapa plano
continent continente
town city village ciudad pueblo
street road calle
child kid niño niña
girl niña chica
boy niño chico
woman lady mujer
man hombre
old elderly mayor anciano
teacher maestra maestro profesora profesor
student pupil learner alumna alumno estudiante
grandmother grandma abuela
grandfather grandpa abuelo
wheelchair silla
blind ciego ciega
deaf sordo sorda
glasses spectacles gafas
school escuela colegio
book libro
read reading leer lectura
write writing escribir
pencil pen lápiz bolígrafo
paper papel
maths mathematics number sum matemáticas número
science ciencia
laboratory lab laboratorio
clock time watch reloj hora
bag satchel backpack mochila
ball football pelota balón
food eat comida
apple manzana
fruit fruta
background backdrop fondo
pattern motivo estampado
frame border edge marco borde
board blackboard chalkboard pizarra
art paint painting arte pintura
music sound música sonido
bus autobús
scissors cut tijeras
globe earth world globo tierra mundo
treasure tesoro
gold oro
wood madera
green verde
blue azul
red rojo
yellow amarillo
`;

const byWord = new Map<string, Set<string>>();
for (const row of rows.trim().split('\n')) {
  const words = row.split(' ');
  for (const word of words) {
    const known = byWord.get(word) ?? new Set<string>();
    words.forEach((each) => known.add(each));
    byWord.set(word, known);
  }
}

/** A word, and all that mean much the same, in lower case. A plural in `s` finds what its singular does. */
export function meaning(word: string): ReadonlySet<string> {
  const singular = word.endsWith('s') ? word.slice(0, -1) : word;
  return new Set([word, ...(byWord.get(word) ?? []), ...(byWord.get(singular) ?? [])]);
}
