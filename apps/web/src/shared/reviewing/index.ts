/** What reviews look like, for the teacher who writes them and the student who reads them. */
export { PraiseSign } from './praise-sign';
export { Said } from './said';
export { Spots } from './spots';
export { PointsSum } from './points-sum';
