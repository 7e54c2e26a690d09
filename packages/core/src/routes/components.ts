/**
 * The loops of a graph: its strongly connected components, by Tarjan's algorithm (1972), without recursion so that a
 * chain of ten thousand slides does not run out of stack.
 */

/** A graph in compressed sparse rows. */
export interface Rows {
  readonly offsets: Int32Array;
  readonly targets: Int32Array;
}

/** Which component each node is in. Every way between components leads to one of a smaller number. */
export interface Components {
  readonly of: Int32Array;
  /** How many components there are. */
  readonly count: number;
  /** The nodes, component by component: those of component `c` are `members[starts[c]]` up to `members[starts[c + 1]]`. */
  readonly members: Int32Array;
  readonly starts: Int32Array;
}

/** @param from only nodes that can be reached from here are looked at; all others are in component -1 */
export function componentsOf({ offsets, targets }: Rows, from: number): Components {
  const size = offsets.length - 1;
  const of = new Int32Array(size).fill(-1);
  const order = new Int32Array(size).fill(-1);
  const low = new Int32Array(size);
  const next = new Int32Array(size);
  const open = new Int32Array(size);
  const path = new Int32Array(size);
  const members = new Int32Array(size);
  const starts = new Int32Array(size + 1);
  let [count, placed, found, opened, depth] = [0, 0, 0, 0, 0];
  const enter = (node: number) => {
    order[node] = low[node] = found++;
    next[node] = offsets[node]!;
    open[opened++] = node;
    path[depth++] = node;
  };
  if (from >= 0 && from < size) enter(from);
  while (depth > 0) {
    const node = path[depth - 1]!;
    const way = next[node]!;
    if (way < offsets[node + 1]!) {
      next[node] = way + 1;
      const target = targets[way]!;
      if (order[target]! < 0) enter(target);
      else if (of[target]! < 0 && order[target]! < low[node]!) low[node] = order[target]!;
      continue;
    }
    depth -= 1;
    if (depth > 0) {
      const before = path[depth - 1]!;
      if (low[node]! < low[before]!) low[before] = low[node]!;
    }
    if (low[node] !== order[node]) continue;
    let member: number;
    do {
      member = open[--opened]!;
      of[member] = count;
      members[placed++] = member;
    } while (member !== node);
    count += 1;
    starts[count] = placed;
  }
  return { of, count, members: members.subarray(0, placed), starts: starts.subarray(0, count + 1) };
}
