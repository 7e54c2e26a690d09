/** What is pointed at or drawn on: a picture, or paper when there is none. */
import { useSurroundings } from '../surroundings.js';

export function DrawnGround({ picture, alt }: { picture: string; alt: string }) {
  const { pictureUrl } = useSurroundings();
  return picture === '' ? null : <img className="gv-drawn-on" src={pictureUrl(picture)} alt={alt} draggable={false} />;
}
